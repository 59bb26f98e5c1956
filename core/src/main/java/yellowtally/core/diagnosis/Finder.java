package yellowtally.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import yellowtally.core.access.Bill;
import yellowtally.core.access.Stage;
import yellowtally.core.diagnosis.Diagnosis.Outcome;
import yellowtally.core.settings.Numbers;

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

    /**
     * A finder for one complaint about one saw; one that nothing known can be behind has no causes and ranks none.
     */
    public Finder(KnowledgeBase known, Complaint complaint, FinderCase saw, Numbers numbers) {
        this.complaint = complaint;
        this.saw = saw;
        this.causes = known.behind(complaint, saw.traits());
        this.checks = known.telling(causes, saw.traits());
        this.numbers = numbers;
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
        private final Map<Cause, List<Evidence>> evidence = new LinkedHashMap<>();
        private final Map<Cause, Double> surprise = new LinkedHashMap<>();
        private final List<Check> made = new ArrayList<>();
        private Map<Cause, Double> shares = new LinkedHashMap<>();
        private Set<Stage> open = EnumSet.noneOf(Stage.class);
        private double minutes;

        Walk(List<Answered> path) {
            this.path = path;
            open.addAll(saw.open());
            for (Cause cause : causes) {
                surprise.put(cause, 0.0);
                shares.put(cause, complaint.causes().get(cause.code()));
            }
            shares = normalised(shares);
            for (Signal signal : Signal.values()) {
                if (saw.signals().contains(signal)) {
                    weigh(cause -> cause.raised().getOrDefault(signal, 1.0), signal, null);
                }
            }
            path.forEach(this::answer);
        }

        private double share(Cause cause) {
            return shares.getOrDefault(cause, 0.0);
        }

        private List<Evidence> said(Cause cause) {
            return evidence.computeIfAbsent(cause, c -> new ArrayList<>());
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
            causes.forEach(cause -> surprise.merge(cause, surprise(check, answer, cause), Double::sum));
        }

        private void weigh(ToDoubleFunction<Cause> likelihood, @Nullable Signal signal, @Nullable Answered answered) {
            double expected = causes.stream()
                    .mapToDouble(cause -> share(cause) * likelihood.applyAsDouble(cause))
                    .sum();
            Map<Cause, Double> next = new LinkedHashMap<>();
            for (Cause cause : causes) {
                double likely = likelihood.applyAsDouble(cause);
                next.put(cause, share(cause) * likely);
                said(cause).add(new Evidence(signal, answered, factor(likely, expected, share(cause))));
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
            List<RankedCause> ranking = shares.entrySet().stream()
                    .sorted(Map.Entry.<Cause, Double>comparingByValue().reversed())
                    .map(entry -> new RankedCause(entry.getKey(), entry.getValue(), worthSaying(entry.getKey())))
                    .toList();
            List<OfferedCheck> offers = offers();
            List<Answered> clashing =
                    ranking.isEmpty() ? List.of() : clashing(ranking.get(0).cause());
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

        private List<Evidence> worthSaying(Cause cause) {
            return said(cause).stream()
                    .filter(Evidence::worthSaying)
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
            for (String answer : check.answers().keySet()) {
                double expected = 0;
                for (Cause cause : causes) {
                    expected += share(cause) * check.likelihood(answer, cause.code());
                }
                for (Cause cause : causes) {
                    double likely = check.likelihood(answer, cause.code());
                    if (likely > 0 && expected > 0) {
                        bits += share(cause) * likely * Math.log(likely / expected) / Math.log(2);
                    }
                }
            }
            return bits;
        }

        /** Answers that the best cause does not explain, once they surprise too much to be chance. */
        private List<Answered> clashing(Cause best) {
            if (surprise.getOrDefault(best, 0.0) <= numbers.of(DiagnosisSetting.SURPRISE)) {
                return List.of();
            }
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

    private static Map<Cause, Double> normalised(Map<Cause, Double> weights) {
        double sum = weights.values().stream().mapToDouble(Double::doubleValue).sum();
        Map<Cause, Double> shares = new LinkedHashMap<>();
        weights.forEach((cause, weight) -> shares.put(cause, sum > 0 ? weight / sum : 1.0 / weights.size()));
        return shares;
    }
}
