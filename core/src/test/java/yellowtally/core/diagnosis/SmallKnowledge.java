package yellowtally.core.diagnosis;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Step;

/** The worked example of the documentation: a dry chain with three causes and three checks. */
final class SmallKnowledge {

    static final Cause BLOCKED =
            cause("bar-blocked", Map.of(Signal.LONG_SINCE_CLEAN, 2.0), List.of(Step.GROOVE), Step.OIL_CARD, false);
    static final Cause DRIVE =
            cause("drive-not-caught", Map.of(Signal.FRESH_SPROCKET, 20.0), List.of(Step.SPROCKET), null, false);
    static final Cause LEAK = cause("hose-split", Map.of(), List.of(Step.TANKS), null, true);

    static final Check CARD = check(
            "card",
            Stage.RUNNING,
            2,
            Map.of("line", 0.5, "none", 0.5),
            Map.of(
                    "bar-blocked", Map.of("line", 0.1, "none", 0.9),
                    "drive-not-caught", Map.of("line", 0.1, "none", 0.9)));
    static final Check OUTLET = check(
            "outlet",
            Stage.BAR_OFF,
            2,
            Map.of("comes", 0.1, "nothing", 0.9),
            Map.of("bar-blocked", Map.of("comes", 0.9, "nothing", 0.1)));
    static final Check DRAG = check(
            "drag",
            Stage.BAR_OFF,
            1,
            Map.of("drags", 0.95, "free", 0.05),
            Map.of("drive-not-caught", Map.of("drags", 0.05, "free", 0.95)));
    static final Check HOSE = check(
            "hose",
            Stage.TANKS_DRAINED,
            2,
            Map.of("whole", 0.95, "split", 0.05),
            Map.of("hose-split", Map.of("whole", 0.05, "split", 0.95)));

    static final Complaint DRY = new Complaint(
            "dry",
            "Chain runs dry",
            false,
            Step.OIL_CARD,
            Set.of(),
            weights("bar-blocked", 6.0, "drive-not-caught", 1.0, "hose-split", 3.0));

    static final KnowledgeBase BASE =
            of(List.of(DRY), List.of(BLOCKED, DRIVE, LEAK), List.of(CARD, OUTLET, DRAG, HOSE));

    private SmallKnowledge() {}

    static KnowledgeBase of(List<Complaint> complaints, List<Cause> causes, List<Check> checks) {
        Map<String, Complaint> byComplaint = new LinkedHashMap<>();
        complaints.forEach(c -> byComplaint.put(c.code(), c));
        Map<String, Cause> byCause = new LinkedHashMap<>();
        causes.forEach(c -> byCause.put(c.code(), c));
        Map<String, Check> byCheck = new LinkedHashMap<>();
        checks.forEach(c -> byCheck.put(c.code(), c));
        return new KnowledgeBase(byComplaint, byCause, byCheck);
    }

    static Cause cause(String code, Map<Signal, Double> raised, List<Step> steps, Step proof, boolean leak) {
        return new Cause(code, code, steps, proof, Set.of(), false, leak, false, Set.of(), raised, Set.of());
    }

    static Check check(
            String code,
            Stage stage,
            double minutes,
            Map<String, Double> usually,
            Map<String, Map<String, Double>> when) {
        Map<String, Check.Answer> answers = new LinkedHashMap<>();
        usually.keySet().stream().sorted().forEach(answer -> answers.put(answer, new Check.Answer(answer, answer)));
        return new Check(
                code,
                code,
                "look",
                null,
                stage,
                null,
                minutes,
                Set.of(),
                answers,
                usually,
                when,
                null,
                Check.Terms.NONE);
    }

    static Map<String, Double> weights(Object... namesAndWeights) {
        Map<String, Double> weights = new LinkedHashMap<>();
        for (int i = 0; i < namesAndWeights.length; i += 2) {
            weights.put((String) namesAndWeights[i], (Double) namesAndWeights[i + 1]);
        }
        return weights;
    }
}
