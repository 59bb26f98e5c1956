package yellowtally.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import yellowtally.core.diagnosis.Diagnosis.Outcome;
import yellowtally.core.settings.Numbers;

/**
 * Plays made-up faults against the finder and counts what it finds and what that costs, beside checks asked in a fixed order with the same end:
 * a measure of what is known, of use whenever somebody adds to it (general practice).
 */
public final class FinderTrial {

    private final KnowledgeBase known;
    private final Hardship hardship;
    private final long seed;

    /**
     * How far the made-up faults are from what the finder believes.
     *
     * @param disturbance by how much the true shares may differ, 0 to 1: 0.3 is ±30 %
     * @param wrong share of answers that are wrong, 0 to 1: another answer than the true one, each as often
     * @param two whether two causes act at once
     */
    public record Hardship(double disturbance, double wrong, boolean two) {

        /** Faults as the finder believes them. */
        public static final Hardship NONE = new Hardship(0, 0, false);

        /** Shares that are off. */
        public static Hardship off(double disturbance) {
            return new Hardship(disturbance, 0, false);
        }
    }

    /**
     * A trial.
     *
     * @param seed the same seed plays the same faults
     */
    public FinderTrial(KnowledgeBase known, Hardship hardship, long seed) {
        this.known = known;
        this.hardship = hardship;
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
     * @param found share of faults whose cause came to stand clear, 0 to 1; of two at once, both
     * @param wrong share of faults in which another cause came to stand clear
     * @param clashed share of faults in which it said at some moment that two answers do not go together
     * @param meanMinutes to the end of the questions, found or not
     */
    public record Result(int faults, double found, double wrong, double clashed, double meanMinutes) {}

    private record Fault(Complaint complaint, Set<SawTrait> saw, List<Cause> causes, Map<String, String> answers) {}

    private record Ended(boolean found, boolean wrong, boolean clashed, double minutes) {}

    /** Plays faults in one order of checks. */
    public Result play(int faults, Order order) {
        Random random = new Random(seed);
        List<Set<SawTrait>> kinds = SawKinds.all();
        List<Complaint> complaints = List.copyOf(known.complaints().values());
        List<Ended> ends = new ArrayList<>();
        for (int i = 0; i < faults; i++) {
            ends.add(play(fault(random, kinds, complaints), order));
        }
        return new Result(
                faults,
                share(ends, Ended::found),
                share(ends, Ended::wrong),
                share(ends, Ended::clashed),
                ends.stream().mapToDouble(Ended::minutes).average().orElse(0));
    }

    private static double share(List<Ended> ends, Predicate<Ended> of) {
        return ends.stream().filter(of).count() / (double) ends.size();
    }

    private Fault fault(Random random, List<Set<SawTrait>> kinds, List<Complaint> complaints) {
        while (true) {
            Complaint complaint = complaints.get(random.nextInt(complaints.size()));
            Set<SawTrait> saw = kinds.get(random.nextInt(kinds.size()));
            if (complaint.possibleOn(saw)) {
                Map<String, Double> weights = new HashMap<>();
                known.behind(complaint, saw)
                        .forEach(cause ->
                                weights.put(cause.code(), complaint.causes().get(cause.code())));
                List<Cause> causes = new ArrayList<>();
                for (int i = 0; i < (hardship.two() ? 2 : 1) && !weights.isEmpty(); i++) {
                    String code = drawn(random, weights);
                    weights.remove(code);
                    causes.add(Objects.requireNonNull(known.causes().get(code)));
                }
                return new Fault(complaint, saw, causes, answers(random, complaint, saw, causes));
            }
        }
    }

    /** What would be answered to each check: where two causes act, the one that shows in it, or either. */
    private Map<String, String> answers(Random random, Complaint complaint, Set<SawTrait> saw, List<Cause> causes) {
        Map<String, String> answers = new HashMap<>();
        for (Check check : finder(complaint, saw, Set.of()).checks()) {
            List<Cause> showing = causes.stream()
                    .filter(cause -> check.when().containsKey(cause.code()))
                    .toList();
            Cause shows = showing.isEmpty() ? causes.get(0) : showing.get(random.nextInt(showing.size()));
            String answer = drawn(random, disturbed(random, check.row(shows.code())));
            answers.put(check.code(), random.nextDouble() < hardship.wrong() ? other(random, check, answer) : answer);
        }
        return answers;
    }

    private static String other(Random random, Check check, String answer) {
        List<String> others =
                check.answers().keySet().stream().filter(a -> !a.equals(answer)).toList();
        return others.get(random.nextInt(others.size()));
    }

    private Finder finder(Complaint complaint, Set<SawTrait> saw, Set<String> settled) {
        FinderCase asked = new FinderCase(saw, Set.of(), Set.of()).settling(settled);
        return new Finder(known, complaint, asked, Numbers.STANDARD);
    }

    private Map<String, Double> disturbed(Random random, Map<String, Double> row) {
        Map<String, Double> actual = new HashMap<>();
        new TreeMap<>(row)
                .forEach((answer, share) ->
                        actual.put(answer, share * (1 + hardship.disturbance() * (2 * random.nextDouble() - 1))));
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

    /** To the end; of two at once the first is put right when it stands clear, and the finder goes on with the rest. */
    private Ended play(Fault fault, Order order) {
        Set<String> settled = new HashSet<>();
        List<Answered> path = new ArrayList<>();
        boolean clashed = false;
        while (true) {
            Finder finder = finder(fault.complaint(), fault.saw(), settled);
            Diagnosis stands = finder.after(path);
            Check next = next(finder, stands, order, path);
            while (stands.outcome().goesOn() && next != null) {
                path.add(new Answered(next.code(), fault.answers().get(next.code())));
                stands = finder.after(path);
                clashed |= stands.clash() != null;
                next = next(finder, stands, order, path);
            }
            Cause first = stands.first().cause();
            boolean right = stands.outcome() == Outcome.CLEAR && fault.causes().contains(first);
            settled.add(first.code());
            if (!right || settled.size() == fault.causes().size()) {
                return new Ended(right, stands.outcome() == Outcome.CLEAR && !right, clashed, stands.minutes());
            }
        }
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
