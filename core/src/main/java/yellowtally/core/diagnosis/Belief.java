package yellowtally.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowtally.core.diagnosis.RankedCause.CausePast;
import yellowtally.core.settings.Numbers;

/**
 * How far each cause is believed after the answers so far (handbook section 12): naive Bayes, but for two things. A look at the
 * very thing that shows the other way ends a cause, whatever its weight; and what a look has shown beside the first cause is a
 * second thing at once, not a contradiction.
 */
final class Belief {

    private record Weighed(Check check, Answered given, String answer) {}

    private final KnowledgeBase known;
    private final FinderCase saw;
    private final List<Cause> causes;
    private final Likelihoods likelihoods;
    private final Numbers numbers;
    private final List<Weighed> weighed = new ArrayList<>();
    private final List<List<Evidence>> evidence = new ArrayList<>();
    private final @Nullable Answered[] endedBy;
    private final @Nullable CausePast[] past;
    private final boolean[] seen;
    /** Weight of each cause times how likely all answers are under it. */
    private final double[] joint;

    private double[] shares;

    Belief(
            KnowledgeBase known,
            Complaint complaint,
            FinderCase saw,
            Set<Signal> replaced,
            List<Cause> causes,
            Likelihoods likelihoods,
            Numbers numbers) {
        this.known = known;
        this.saw = saw;
        this.causes = causes;
        this.likelihoods = likelihoods;
        this.numbers = numbers;
        this.endedBy = new @Nullable Answered[causes.size()];
        this.past = new @Nullable CausePast[causes.size()];
        this.seen = new boolean[causes.size()];
        causes.forEach(cause -> evidence.add(new ArrayList<>()));
        for (int i = 0; i < past.length; i++) {
            String code = causes.get(i).code();
            past[i] = saw.settled().contains(code)
                    ? CausePast.PUT_RIGHT
                    : saw.tried().contains(code) ? CausePast.NOT_IT : null;
        }
        this.joint = normalised(causes.stream()
                .mapToDouble(cause -> complaint.causes().getOrDefault(cause.code(), 0.0))
                .toArray());
        this.shares = shares();
        for (Signal signal : Signal.values()) {
            // Looked at since: what was known of the same thing before is not counted twice, or against it.
            if (saw.signals().contains(signal) && !replaced.contains(signal)) {
                raise(signal);
            }
        }
    }

    /** What is known of the saw shifts the start; as a weight, it says nothing of how likely the answers are. */
    private void raise(Signal signal) {
        move(cause -> cause.raised().getOrDefault(signal, 1.0), signal, null);
        double[] weights = normalised(joint);
        System.arraycopy(weights, 0, joint, 0, joint.length);
    }

    /** Takes an answer in. */
    void weigh(Check check, Answered given, String answer) {
        // What a cause that was put right explains says nothing of the rest.
        if (saw.settled().stream().anyMatch(cause -> check.shows(answer, cause))) {
            return;
        }
        weighed.add(new Weighed(check, given, answer));
        double endsUnder = numbers.of(DiagnosisSetting.ENDS_UNDER) - 1e-12;
        for (int i = 0; i < causes.size(); i++) {
            Cause cause = causes.get(i);
            if (known.looks(cause).contains(check.code())) {
                seen[i] |= check.shows(answer, cause.code());
                if (check.likelihood(answer, cause.code()) < endsUnder && endedBy[i] == null) {
                    endedBy[i] = given;
                }
            }
        }
        move(cause -> check.likelihood(answer, cause.code()), null, given);
    }

    private void move(ToDoubleFunction<Cause> likelihood, @Nullable Signal signal, @Nullable Answered answered) {
        double[] under = causes.stream().mapToDouble(likelihood).toArray();
        double expected = 0;
        for (int i = 0; i < under.length; i++) {
            expected += shares[i] * under[i];
        }
        for (int i = 0; i < under.length; i++) {
            joint[i] *= under[i];
            evidence.get(i).add(new Evidence(signal, answered, factor(under[i], expected, shares[i])));
        }
        shares = shares();
    }

    /** How many times likelier an answer is under a cause than under all others together, as they stand. */
    private static double factor(double likely, double expected, double share) {
        double others = 1 - share;
        double underOthers = others <= 1e-12 ? likely : (expected - share * likely) / others;
        return underOthers <= 0 ? 1 : likely / underOthers;
    }

    /** Of what is not ended; of all, as if nothing were ended, when nothing is left. */
    private double[] shares() {
        double[] left = new double[joint.length];
        for (int i = 0; i < left.length; i++) {
            left[i] = ended(i) ? 0 : joint[i];
        }
        return normalised(Arrays.stream(left).sum() > 0 ? left : joint);
    }

    private boolean ended(int cause) {
        return past[cause] != null || endedBy[cause] != null;
    }

    /** Whether answers have ended all that was left. */
    private boolean endedAll() {
        return IntStream.range(0, causes.size()).allMatch(this::ended)
                && Arrays.stream(endedBy).anyMatch(Objects::nonNull);
    }

    /** How much a check would tell, bits. */
    double bits(Check check) {
        return likelihoods.bits(check, shares);
    }

    /** How likely all answers are together. */
    double probability() {
        return Arrays.stream(joint).sum();
    }

    /** Share of all causes that a look has shown: two that are seen do not stand in each other's way. */
    double shareSeen() {
        return IntStream.range(0, causes.size())
                .filter(i -> seen[i] && !ended(i))
                .mapToDouble(i -> shares[i])
                .sum();
    }

    List<RankedCause> ranking() {
        return order().stream()
                .map(i -> new RankedCause(
                        causes.get(i),
                        shares[i],
                        worthSaying(evidence.get(i)),
                        seen[i] && !ended(i),
                        endedBy[i],
                        past[i]))
                .toList();
    }

    private List<Integer> order() {
        return IntStream.range(0, shares.length)
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> shares[i]).reversed())
                .toList();
    }

    private List<Evidence> worthSaying(List<Evidence> all) {
        return all.stream()
                .filter(said -> said.worthSaying(numbers))
                .sorted(Comparator.comparingDouble((Evidence e) -> Math.abs(Math.log(Math.max(e.times(), 1e-9))))
                        .reversed())
                .toList();
    }

    /**
     * Answers that contradict each other: when every cause is ended, or when the best one explains the answers far worse than
     * its answers are explained as a rule.
     */
    @Nullable
    Clash clash() {
        if (causes.isEmpty() || weighed.isEmpty()) {
            return null;
        }
        int leader = order().get(0);
        double surprise = weighed.stream().mapToDouble(w -> surprise(w, leader)).sum();
        if (surprise <= numbers.of(DiagnosisSetting.SURPRISE) && !endedAll()) {
            return null;
        }
        Weighed odd = Collections.max(weighed, Comparator.comparingDouble(w -> jointWithout(w, bestWithout(w))));
        if (weighed.size() == 1 || speaksAgainstTheComplaint(odd)) {
            return new Clash(odd.given(), null);
        }
        int best = bestWithout(odd);
        Weighed with = weighed.stream()
                .filter(w -> !w.equals(odd))
                .max(Comparator.comparingDouble(w -> likely(w, causes.get(best)) / onTheWhole(w)))
                .orElseThrow();
        return new Clash(odd.given(), with.given());
    }

    /** Whether no cause explains it: a line of oil on the card of a saw that is said to run dry. */
    private boolean speaksAgainstTheComplaint(Weighed answer) {
        double endsUnder = numbers.of(DiagnosisSetting.ENDS_UNDER);
        return causes.stream().allMatch(cause -> likely(answer, cause) <= endsUnder);
    }

    private static double likely(Weighed answer, Cause cause) {
        return Math.max(1e-9, answer.check().likelihood(answer.answer(), cause.code()));
    }

    /** How likely an answer is under the causes of this complaint on the whole. */
    private double onTheWhole(Weighed answer) {
        return causes.stream()
                .mapToDouble(cause -> likely(answer, cause))
                .average()
                .orElse(1);
    }

    /** The cause that explains all answers but one best. */
    private int bestWithout(Weighed one) {
        return IntStream.range(0, causes.size())
                .boxed()
                .max(Comparator.comparingDouble(i -> jointWithout(one, i)))
                .orElse(0);
    }

    private double jointWithout(Weighed one, int cause) {
        return joint[cause] / likely(one, causes.get(cause));
    }

    /**
     * How much rarer an answer is under a cause than its answers are on the whole, nats; nothing for one that shows another
     * cause, which is then a second thing at once.
     */
    private double surprise(Weighed answer, int cause) {
        for (int i = 0; i < causes.size(); i++) {
            if (i != cause
                    && seen[i]
                    && !ended(i)
                    && known.looks(causes.get(i)).contains(answer.check().code())
                    && answer.check().shows(answer.answer(), causes.get(i).code())) {
                return 0;
            }
        }
        double usual = answer.check().row(causes.get(cause).code()).values().stream()
                .mapToDouble(share -> share > 0 ? -share * Math.log(share) : 0)
                .sum();
        return -Math.log(likely(answer, causes.get(cause))) - usual;
    }

    private static double[] normalised(double[] weights) {
        double sum = Arrays.stream(weights).sum();
        return Arrays.stream(weights)
                .map(weight -> sum > 0 ? weight / sum : 1.0 / weights.length)
                .toArray();
    }
}
