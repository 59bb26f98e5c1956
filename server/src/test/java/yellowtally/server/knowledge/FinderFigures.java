package yellowtally.server.knowledge;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import yellowtally.core.diagnosis.BestOrder;
import yellowtally.core.diagnosis.Complaint;
import yellowtally.core.diagnosis.Finder;
import yellowtally.core.diagnosis.FinderCase;
import yellowtally.core.diagnosis.FinderTrial;
import yellowtally.core.diagnosis.FinderTrial.Hardship;
import yellowtally.core.diagnosis.FinderTrial.Order;
import yellowtally.core.diagnosis.FinderTrial.Result;
import yellowtally.core.diagnosis.KnowledgeBase;
import yellowtally.core.diagnosis.SawKinds;
import yellowtally.core.diagnosis.SawTrait;
import yellowtally.core.settings.Numbers;

/** Prints how well the finder finds with what ships: of use whenever somebody adds to what is known. */
public final class FinderFigures {

    private static final int FAULTS = 2000;
    private static final long SEED = 2026;

    /** Answers to every check in every mix, up to which looking ahead to the end is a matter of seconds. */
    private static final double MOST_STATES = 12_000;

    private static final Map<String, Hardship> HARDSHIPS = Map.of(
            "1 as believed",
            Hardship.NONE,
            "2 shares off by up to 30 %",
            Hardship.off(0.3),
            "3 one answer in twenty wrong",
            new Hardship(0, 0.05, false),
            "4 two causes at once",
            new Hardship(0, 0, true));

    private FinderFigures() {}

    public static void main(String[] args) {
        KnowledgeBase shipped = KnowledgeReader.shipped();
        System.out.printf(
                Locale.ROOT, "Fault finder, %,d made-up faults each; beside it the list in a fixed order%n", FAULTS);
        HARDSHIPS.entrySet().stream().sorted(Map.Entry.comparingByKey()).forEach(hardship -> {
            FinderTrial trial = new FinderTrial(shipped, hardship.getValue(), SEED);
            print(hardship.getKey().substring(2), trial.play(FAULTS, Order.FINDER));
            print("  fixed order", trial.play(FAULTS, Order.AS_LISTED));
        });
        System.out.println("Beside the best order there is (every answer looked ahead to the end):");
        shipped.complaints().values().forEach(complaint -> beside(shipped, complaint));
    }

    private static void print(String name, Result result) {
        System.out.printf(
                Locale.ROOT,
                "  %-30s found %5.1f %%  wrong %4.1f %%  said to clash %4.1f %%  %5.1f min%n",
                name,
                result.found() * 100,
                result.wrong() * 100,
                result.clashed() * 100,
                result.meanMinutes());
    }

    private static void beside(KnowledgeBase shipped, Complaint complaint) {
        Set<SawTrait> saw = kind(complaint);
        Finder finder = new Finder(shipped, complaint, new FinderCase(saw, Set.of(), Set.of()), Numbers.STANDARD);
        double states = finder.checks().stream()
                .mapToDouble(check -> check.answers().size() + 1)
                .reduce(1, (a, b) -> a * b);
        if (states <= MOST_STATES) {
            double best = BestOrder.bestMinutes(finder);
            double minutes = BestOrder.finderMinutes(finder);
            System.out.printf(
                    Locale.ROOT,
                    "  %-30s best %5.2f min  finder %5.2f min  ratio %.3f (aim 1.1)%n",
                    complaint.title(),
                    best,
                    minutes,
                    minutes / best);
        }
    }

    /** The first kind of saw that can have it. */
    private static Set<SawTrait> kind(Complaint complaint) {
        List<Set<SawTrait>> kinds = SawKinds.all();
        return kinds.stream()
                .filter(complaint::possibleOn)
                .filter(kind -> kind.contains(SawTrait.PETROL))
                .findFirst()
                .orElseThrow();
    }
}
