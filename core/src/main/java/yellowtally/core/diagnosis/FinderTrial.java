package yellowtally.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import yellowtally.core.diagnosis.Diagnosis.Outcome;
import yellowtally.core.settings.Numbers;

/**
 * Plays made-up faults against the finder and counts what it finds and what that costs, beside checks asked in a fixed order with the same end:
 * a measure of what is known, of use whenever somebody adds to it (general practice).
 */
public final class FinderTrial {

    private final KnowledgeBase known;
    private final double disturbance;
    private final long seed;

    /**
     * A trial.
     *
     * @param disturbance by how much the true shares may differ from those that the finder believes, 0 to 1: 0.3 is ±30 %
     * @param seed the same seed plays the same faults
     */
    public FinderTrial(KnowledgeBase known, double disturbance, long seed) {
        this.known = known;
        this.disturbance = disturbance;
        this.seed = seed;
    }

    /** In which order checks are asked. */
    public enum Order {
        /** Most told for each minute first. */
        FINDER,
        /** Always the same, as the file lists them: the order in which the handbook names them. */
        AS_LISTED,
        /** Always the same, from the closed saw inwards. */
        BY_STAGE,
        /** Always the same, the shortest check first. */
        BY_MINUTES
    }

    /**
     * What came out.
     *
     * @param found share of faults whose cause came to stand clear, 0 to 1
     * @param wrong share of faults in which another cause came to stand clear
     * @param meanMinutes to the end of the questions, found or not
     */
    public record Result(int faults, double found, double wrong, double meanMinutes) {}

    private record Fault(Finder finder, Cause cause, Map<String, String> answers) {}

    /** Plays faults in one order of checks. */
    public Result play(int faults, Order order) {
        Random random = new Random(seed);
        List<Set<SawTrait>> kinds = SawKinds.all();
        List<Complaint> complaints = List.copyOf(known.complaints().values());
        int found = 0;
        int wrong = 0;
        double minutes = 0;
        for (int i = 0; i < faults; i++) {
            Fault fault = fault(random, kinds, complaints);
            Diagnosis end = play(fault, order);
            boolean right = end.first().cause().equals(fault.cause());
            found += end.outcome() == Outcome.CLEAR && right ? 1 : 0;
            wrong += end.outcome() == Outcome.CLEAR && !right ? 1 : 0;
            minutes += end.minutes();
        }
        return new Result(faults, found / (double) faults, wrong / (double) faults, minutes / faults);
    }

    private Fault fault(Random random, List<Set<SawTrait>> kinds, List<Complaint> complaints) {
        while (true) {
            Complaint complaint = complaints.get(random.nextInt(complaints.size()));
            Set<SawTrait> saw = kinds.get(random.nextInt(kinds.size()));
            if (complaint.possibleOn(saw)) {
                Finder finder = new Finder(known, complaint, new FinderCase(saw, Set.of(), Set.of()), Numbers.STANDARD);
                Map<String, Double> weights = new HashMap<>();
                known.behind(complaint, saw)
                        .forEach(cause ->
                                weights.put(cause.code(), complaint.causes().get(cause.code())));
                Cause cause = Objects.requireNonNull(known.causes().get(drawn(random, weights)));
                Map<String, String> answers = new HashMap<>();
                for (Check check : finder.checks()) {
                    answers.put(check.code(), drawn(random, disturbed(random, check.row(cause.code()))));
                }
                return new Fault(finder, cause, answers);
            }
        }
    }

    private Map<String, Double> disturbed(Random random, Map<String, Double> row) {
        Map<String, Double> actual = new HashMap<>();
        new TreeMap<>(row)
                .forEach((answer, share) ->
                        actual.put(answer, share * (1 + disturbance * (2 * random.nextDouble() - 1))));
        return actual;
    }

    /** One of them, each as often as its weight says. */
    private static String drawn(Random random, Map<String, Double> weights) {
        TreeMap<String, Double> byName = new TreeMap<>(weights);
        double sum = weights.values().stream().mapToDouble(Double::doubleValue).sum();
        double at = random.nextDouble() * sum;
        for (Map.Entry<String, Double> entry : byName.entrySet()) {
            at -= entry.getValue();
            if (at < 0) {
                return entry.getKey();
            }
        }
        return byName.lastKey();
    }

    private static Diagnosis play(Fault fault, Order order) {
        List<Answered> path = new ArrayList<>();
        Diagnosis stands = fault.finder().after(path);
        Check next = next(fault.finder(), stands, order, path);
        while (stands.outcome() == Outcome.ASKS && next != null) {
            path.add(new Answered(next.code(), fault.answers().get(next.code())));
            stands = fault.finder().after(path);
            next = next(fault.finder(), stands, order, path);
        }
        return stands;
    }

    private static @Nullable Check next(Finder finder, Diagnosis stands, Order order, List<Answered> path) {
        if (order == Order.FINDER) {
            return stands.next() == null ? null : stands.next().check();
        }
        Comparator<Check> fixed = switch (order) {
            case BY_STAGE -> Comparator.comparing(Check::stage);
            case BY_MINUTES ->
                Comparator.comparingDouble(
                        check -> finder.priced(check, 0, Set.of()).minutes());
            default -> Comparator.comparing(finder.checks()::indexOf);
        };
        return finder.checks().stream()
                .filter(check -> path.stream().noneMatch(made -> made.check().equals(check.code())))
                .min(fixed)
                .orElse(null);
    }
}
