package yellowtally.server.faults;

import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.diagnosis.FinderTrial;
import yellowtally.server.knowledge.Knowledge;
import yellowtally.server.support.Violations;

/** How well the finder does with what is known now: of use to whoever has added a cause. */
@RestController
class KnowledgeController {

    private static final int MOST_FAULTS = 5_000;
    private static final long SEED = 2026;

    private final Knowledge knowledge;

    KnowledgeController(Knowledge knowledge) {
        this.knowledge = knowledge;
    }

    /**
     * What one order of checks made of the made-up faults.
     *
     * @param found share whose cause came to stand clear, 0 to 1
     * @param wrong share in which another cause came to stand clear
     * @param meanMinutes to the end of the questions
     */
    record TrialLine(FinderTrial.Order order, double found, double wrong, double meanMinutes) {}

    /** A trial of made-up faults, in every order of checks; {@code off} is by how much the true shares differ, 0.3 for ±30 %. */
    @GetMapping("/api/knowledge/trial")
    List<TrialLine> trial(
            @RequestParam(defaultValue = "2000") double faults, @RequestParam(defaultValue = "0") double off) {
        Violations wrong = new Violations();
        wrong.number("faults", faults, 1, MOST_FAULTS);
        wrong.number("off", off, 0, 0.9);
        wrong.refuseIfAny();
        FinderTrial trial = new FinderTrial(knowledge.base(), off, SEED);
        List<TrialLine> lines = new ArrayList<>();
        for (FinderTrial.Order order : FinderTrial.Order.values()) {
            FinderTrial.Result result = trial.play((int) faults, order);
            lines.add(new TrialLine(order, result.found(), result.wrong(), result.meanMinutes()));
        }
        return lines;
    }
}
