package yellowtally.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import yellowtally.core.diagnosis.Diagnosis.Outcome;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Bill;
import yellowtally.core.stages.Stage;

/**
 * Reasons from answers to causes (handbook section 12): naive Bayes over the causes behind one complaint, starting from their
 * weights and from what is known of the saw; the next check is the one that tells most for each minute, where what is open
 * already costs nothing, and among equals the safest.
 */
public final class Finder {

    private final Complaint complaint;
    private final FinderCase saw;
    private final List<Cause> causes;
    private final List<Check> checks;
    private final Numbers numbers;

    /** How likely each answer is, by check, answer and cause in their orders: looked up once, weighed thousands of times. */
    private final IdentityHashMap<Check, double[][]> likely = new IdentityHashMap<>();

    /**
     * A finder for one complaint about one saw; one that nothing known can be behind has no causes and ranks none.
     */
    public Finder(KnowledgeBase known, Complaint complaint, FinderCase saw, Numbers numbers) {
        this.complaint = complaint;
        this.saw = saw;
        this.causes = known.behind(complaint, saw.traits());
        this.checks = known.telling(causes, saw.traits());
        this.numbers = numbers;
        checks.forEach(check -> likely.put(check, likely(check)));
    }

    private double[][] likely(Check check) {
        return check.answers().keySet().stream()
                .map(answer -> causes.stream()
                        .mapToDouble(cause -> check.likelihood(answer, cause.code()))
                        .toArray())
                .toArray(double[][]::new);
    }

    /** What can be behind the complaint on this saw, in the order of the file. */
    public List<Cause> causes() {
        return causes;
    }

    /** Checks that tell something of this complaint, in the order of their file. */
    public List<Check> checks() {
        return checks;
    }

    /** Where the complaint stands after these answers, in their order; an answer to an unknown check tells nothing. */
    public Diagnosis after(List<Answered> path) {
        return new Walk(path).diagnosis();
    }

    /**
     * Answers of the bench that still tell something after these, in the order in which they would be offered: each is weighed
     * before the next is asked for, so that one which has become idle is left out.
     */
    public List<Answered> fromRecords(List<Answered> path) {
        List<Answered> whole = new ArrayList<>(path);
        Optional<Answered> next = nextOnRecord(whole);
        while (next.isPresent()) {
            whole.add(next.get());
            next = nextOnRecord(whole);
        }
        return List.copyOf(whole.subList(path.size(), whole.size()));
    }

    private Optional<Answered> nextOnRecord(List<Answered> path) {
        // What costs nothing leads the offers.
        OfferedCheck offer = after(path).next();
        if (offer == null) {
            return Optional.empty();
        }
        String code = offer.check().code();
        return Optional.ofNullable(saw.onRecord().get(code)).map(known -> new Answered(code, known.answer()));
    }

    /** Minutes of a check when these stages are open; none for one that is answered on record. */
    public OfferedCheck priced(Check check, double bits, Set<Stage> open) {
        if (saw.onRecord().containsKey(check.code())) {
            return new OfferedCheck(check, bits, 0, 0);
        }
        Set<Stage> closed = EnumSet.noneOf(Stage.class);
        closed.addAll(check.stage().opened());
        closed.removeAll(open);
        double opening = Bill.access(closed, numbers);
        return new OfferedCheck(check, bits, check.minutes() + opening, opening);
    }

    /** Stages that are open after a check: running closes all, a look at the closed saw changes nothing. */
    public static Set<Stage> openAfter(Check check, Set<Stage> open) {
        Set<Stage> after = EnumSet.noneOf(Stage.class);
        if (check.stage() != Stage.RUNNING) {
            after.addAll(open);
            after.addAll(check.stage().opened());
        }
        return after;
    }

    /** The answers walked one by one. */
    private final class Walk {
        private final List<Answered> path;
        private final List<List<Evidence>> evidence = new ArrayList<>();
        private final double[] surprise = new double[causes.size()];
        private final List<Check> made = new ArrayList<>();
        private double[] shares;
        private Set<Stage> open = EnumSet.noneOf(Stage.class);
        private double minutes;

        Walk(List<Answered> path) {
            this.path = path;
            open.addAll(saw.open());
            causes.forEach(cause -> evidence.add(new ArrayList<>()));
            shares = normalised(causes.stream()
                    .mapToDouble(cause -> complaint.causes().getOrDefault(cause.code(), 0.0))
                    .toArray());
            for (Signal signal : Signal.values()) {
                if (saw.signals().contains(signal)) {
                    weigh(cause -> cause.raised().getOrDefault(signal, 1.0), signal, null);
                }
            }
            path.forEach(this::answer);
        }

        private void answer(Answered given) {
            Check check = checks.stream()
                    .filter(c -> c.code().equals(given.check()))
                    .findFirst()
                    .orElse(null);
            if (check == null) {
                return;
            }
            minutes += priced(check, 0, open).minutes();
            open = saw.onRecord().containsKey(check.code()) ? open : openAfter(check, open);
            made.add(check);
            String answer = given.answer();
            if (answer == null || !check.answers().containsKey(answer)) {
                return;
            }
            weigh(cause -> check.likelihood(answer, cause.code()), null, given);
            Arrays.setAll(surprise, i -> surprise[i] + surprise(check, answer, causes.get(i)));
        }

        private void weigh(ToDoubleFunction<Cause> likelihood, @Nullable Signal signal, @Nullable Answered answered) {
            double[] under = causes.stream().mapToDouble(likelihood).toArray();
            double expected = 0;
            for (int i = 0; i < under.length; i++) {
                expected += shares[i] * under[i];
            }
            double[] next = new double[under.length];
            for (int i = 0; i < under.length; i++) {
                next[i] = shares[i] * under[i];
                evidence.get(i).add(new Evidence(signal, answered, factor(under[i], expected, shares[i])));
            }
            shares = normalised(next);
        }

        /** How many times likelier an answer is under a cause than under all others together, as they stand. */
        private static double factor(double likely, double expected, double share) {
            double others = 1 - share;
            double underOthers = others <= 1e-12 ? likely : (expected - share * likely) / others;
            return underOthers <= 0 ? 1 : likely / underOthers;
        }

        Diagnosis diagnosis() {
            List<Integer> order = IntStream.range(0, shares.length)
                    .boxed()
                    .sorted(Comparator.comparingDouble((Integer i) -> shares[i]).reversed())
                    .toList();
            List<RankedCause> ranking = order.stream()
                    .map(i -> new RankedCause(causes.get(i), shares[i], worthSaying(evidence.get(i))))
                    .toList();
            List<OfferedCheck> offers = offers();
            List<Answered> clashing = order.isEmpty() ? List.of() : clashing(order.get(0));
            boolean clear = !ranking.isEmpty()
                    && clashing.isEmpty()
                    && ranking.get(0).share() >= numbers.of(DiagnosisSetting.CLEAR_FROM) / 100 - 1e-12;
            Outcome outcome = clear ? Outcome.CLEAR : offers.isEmpty() ? Outcome.UNCLEAR : Outcome.ASKS;
            return new Diagnosis(
                    outcome,
                    ranking,
                    offers.isEmpty() ? null : offers.get(0),
                    offers.isEmpty() ? List.of() : offers.subList(1, offers.size()),
                    open,
                    clashing,
                    minutes);
        }

        private List<Evidence> worthSaying(List<Evidence> all) {
            return all.stream()
                    .filter(said -> said.worthSaying(numbers))
                    .sorted(Comparator.comparingDouble((Evidence e) -> Math.abs(Math.log(Math.max(e.times(), 1e-9))))
                            .reversed())
                    .toList();
        }

        /** Checks worth their minutes, best first; the safest of those that are about as good leads. */
        private List<OfferedCheck> offers() {
            List<OfferedCheck> worth = new ArrayList<>(checks.stream()
                    .filter(check -> !made.contains(check))
                    .map(check -> priced(check, bits(check), open))
                    .filter(offer -> offer.bits() >= numbers.of(DiagnosisSetting.LEAST_BITS))
                    .sorted(Comparator.comparingDouble(OfferedCheck::bitsPerMinute)
                            .reversed())
                    .toList());
            if (worth.isEmpty()) {
                return worth;
            }
            double best = worth.get(0).bitsPerMinute();
            double tie = best * (1 - numbers.of(DiagnosisSetting.TIE) / 100);
            OfferedCheck safest = worth.stream()
                    .filter(offer -> offer.bitsPerMinute() >= tie)
                    .min(Comparator.comparingInt(offer -> offer.check().risk()))
                    .orElseThrow();
            worth.remove(safest);
            worth.add(0, safest);
            return worth;
        }

        /** Mutual information of cause and answer as things stand, bits. */
        private double bits(Check check) {
            double bits = 0;
            for (double[] under : Objects.requireNonNull(likely.get(check))) {
                double expected = 0;
                for (int i = 0; i < under.length; i++) {
                    expected += shares[i] * under[i];
                }
                for (int i = 0; i < under.length; i++) {
                    if (under[i] > 0 && expected > 0) {
                        bits += shares[i] * under[i] * Math.log(under[i] / expected) / Math.log(2);
                    }
                }
            }
            return bits;
        }

        /** Answers that the best cause does not explain, once they surprise too much to be chance. */
        private List<Answered> clashing(int leader) {
            if (surprise[leader] <= numbers.of(DiagnosisSetting.SURPRISE)) {
                return List.of();
            }
            Cause best = causes.get(leader);
            List<Answered> against = new ArrayList<>();
            for (Answered given : path) {
                for (Check check : made) {
                    String answer = given.answer();
                    if (answer != null
                            && check.code().equals(given.check())
                            && surprise(check, answer, best) > Math.log(2)) {
                        against.add(given);
                    }
                }
            }
            return against;
        }
    }

    /** How much rarer an answer is under a cause than its answers are on the whole, nats. */
    private static double surprise(Check check, String answer, Cause cause) {
        double usual = check.row(cause.code()).values().stream()
                .mapToDouble(share -> share > 0 ? -share * Math.log(share) : 0)
                .sum();
        return -Math.log(Math.max(1e-9, check.likelihood(answer, cause.code()))) - usual;
    }

    private static double[] normalised(double[] weights) {
        double sum = Arrays.stream(weights).sum();
        return Arrays.stream(weights)
                .map(weight -> sum > 0 ? weight / sum : 1.0 / weights.length)
                .toArray();
    }
}
