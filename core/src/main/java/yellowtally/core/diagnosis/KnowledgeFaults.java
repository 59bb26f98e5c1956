package yellowtally.core.diagnosis;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import yellowtally.core.diagnosis.Diagnosis.Outcome;
import yellowtally.core.settings.Numbers;

/** What is wrong with what is known: all of it at once, so that an officer who adds a cause sees the whole list. */
public final class KnowledgeFaults {

    private static final double ROUNDING = 1e-6;

    private KnowledgeFaults() {}

    /** Which fault. */
    public enum Kind {
        /** A complaint or a check names a cause that is not there. */
        UNKNOWN_CAUSE,
        /** A complaint or a cause names a check that is not there, or a check such a complaint. */
        UNKNOWN_CHECK,
        /** No check that can be made on some saw looks at this cause itself. */
        NEVER_SEEN,
        /** A weight or a factor that is not over zero. */
        WEIGHT_NOT_POSITIVE,
        MINUTES_NOT_POSITIVE,
        /** A cause that no complaint names: nobody would ever find it. */
        NOT_REACHED,
        /** A cause without a step is no work for the bench, and needs the mechanic. */
        NOTHING_TO_DO,
        TOO_FEW_ANSWERS,
        /** A row names other answers than the check has. */
        ANSWERS_DIFFER,
        /** A row of shares does not sum to one. */
        SHARES_NOT_ONE,
        /** A share of nought or one would be beyond all doubt. */
        SHARE_BEYOND_DOUBT,
        /** Every cause has the same row: the check tells nothing. */
        TELLS_NOTHING,
        /** A kind of saw can make a complaint that has no cause on it. */
        NO_CAUSE,
        /** The bench is said to answer with an answer that the check has not, or by what its step never finds. */
        BENCH_DIFFERS,
        /** The checks end before this cause stands clear, though every answer speaks for it. */
        DEAD_END
    }

    /**
     * One fault.
     *
     * @param where code of the complaint, cause or check
     * @param what the code at fault in it, or the kind of saw
     */
    public record KnowledgeFault(Kind kind, String where, String what) {}

    /** Everything that is wrong, in the order of the files; empty when it may be used. */
    public static List<KnowledgeFault> of(KnowledgeBase known) {
        List<KnowledgeFault> faults = new ArrayList<>();
        known.complaints().values().forEach(complaint -> ofComplaint(known, complaint, faults));
        known.causes().values().forEach(cause -> ofCause(known, cause, faults));
        known.checks().values().forEach(check -> ofCheck(known, check, faults));
        // Walking through nonsense would only add to the list.
        if (faults.isEmpty()) {
            known.complaints().values().forEach(complaint -> deadEnds(known, complaint, faults));
        }
        return List.copyOf(faults);
    }

    private static void ofComplaint(KnowledgeBase known, Complaint complaint, List<KnowledgeFault> faults) {
        Complaint.Order order = complaint.order();
        Stream.of(order.first(), order.rulesOut(), order.together())
                .flatMap(Collection::stream)
                .filter(check -> !known.checks().containsKey(check))
                .sorted()
                .forEach(check -> faults.add(new KnowledgeFault(Kind.UNKNOWN_CHECK, complaint.code(), check)));
        complaint.causes().forEach((cause, weight) -> {
            if (!known.causes().containsKey(cause)) {
                faults.add(new KnowledgeFault(Kind.UNKNOWN_CAUSE, complaint.code(), cause));
            }
            if (!(weight > 0)) {
                faults.add(new KnowledgeFault(Kind.WEIGHT_NOT_POSITIVE, complaint.code(), cause));
            }
        });
    }

    private static void ofCause(KnowledgeBase known, Cause cause, List<KnowledgeFault> faults) {
        if (known.complaints().values().stream()
                .noneMatch(complaint -> complaint.causes().containsKey(cause.code()))) {
            faults.add(new KnowledgeFault(Kind.NOT_REACHED, cause.code(), ""));
        }
        if (cause.steps().isEmpty() && !cause.mechanic()) {
            faults.add(new KnowledgeFault(Kind.NOTHING_TO_DO, cause.code(), ""));
        }
        cause.seen().stream()
                .filter(check -> !known.checks().containsKey(check))
                .sorted()
                .forEach(check -> faults.add(new KnowledgeFault(Kind.UNKNOWN_CHECK, cause.code(), check)));
        cause.raised().forEach((signal, times) -> {
            if (!(times > 0)) {
                faults.add(new KnowledgeFault(Kind.WEIGHT_NOT_POSITIVE, cause.code(), signal.name()));
            }
        });
    }

    private static void ofCheck(KnowledgeBase known, Check check, List<KnowledgeFault> faults) {
        if (check.answers().size() < 2) {
            faults.add(new KnowledgeFault(Kind.TOO_FEW_ANSWERS, check.code(), ""));
        }
        if (!(check.minutes() > 0)) {
            faults.add(new KnowledgeFault(Kind.MINUTES_NOT_POSITIVE, check.code(), ""));
        }
        row(check, "usually", check.usually(), faults);
        check.when().forEach((cause, row) -> {
            if (!known.causes().containsKey(cause)) {
                faults.add(new KnowledgeFault(Kind.UNKNOWN_CAUSE, check.code(), cause));
            }
            row(check, cause, row, faults);
        });
        bench(check, faults);
        check.terms().of().stream()
                .filter(complaint -> !known.complaints().containsKey(complaint))
                .sorted()
                .forEach(complaint -> faults.add(new KnowledgeFault(Kind.UNKNOWN_CHECK, check.code(), complaint)));
        check.terms().known().values().stream()
                .filter(answer -> !check.answers().containsKey(answer))
                .sorted()
                .forEach(answer -> faults.add(new KnowledgeFault(Kind.BENCH_DIFFERS, check.code(), answer)));
        boolean tells = known.complaints().values().stream().anyMatch(complaint -> tells(known, check, complaint));
        if (!tells) {
            faults.add(new KnowledgeFault(Kind.TELLS_NOTHING, check.code(), ""));
        }
    }

    private static void bench(Check check, List<KnowledgeFault> faults) {
        BenchAnswer bench = check.bench();
        if (bench == null) {
            return;
        }
        if (bench.fine() != null && !check.answers().containsKey(bench.fine())) {
            faults.add(new KnowledgeFault(Kind.BENCH_DIFFERS, check.code(), bench.fine()));
        }
        bench.found().forEach((finding, answer) -> {
            if (finding.step() != bench.step() || !check.answers().containsKey(answer)) {
                faults.add(new KnowledgeFault(Kind.BENCH_DIFFERS, check.code(), finding.name()));
            }
        });
    }

    /** Whether it tells two causes of a complaint apart. */
    private static boolean tells(KnowledgeBase known, Check check, Complaint complaint) {
        Set<Map<String, Double>> rows = new HashSet<>();
        complaint.causes().keySet().stream()
                .filter(known.causes()::containsKey)
                .forEach(cause -> rows.add(check.row(cause)));
        return rows.size() > 1;
    }

    private static void row(Check check, String name, Map<String, Double> row, List<KnowledgeFault> faults) {
        if (!row.keySet().equals(check.answers().keySet())) {
            faults.add(new KnowledgeFault(Kind.ANSWERS_DIFFER, check.code(), name));
            return;
        }
        double sum = row.values().stream().mapToDouble(Double::doubleValue).sum();
        if (!(Math.abs(sum - 1) <= ROUNDING)) {
            faults.add(new KnowledgeFault(Kind.SHARES_NOT_ONE, check.code(), name));
        }
        if (row.values().stream().anyMatch(share -> !(share > 0 && share < 1))) {
            faults.add(new KnowledgeFault(Kind.SHARE_BEYOND_DOUBT, check.code(), name));
        }
    }

    private static void deadEnds(KnowledgeBase known, Complaint complaint, List<KnowledgeFault> faults) {
        Set<KnowledgeFault> found = new HashSet<>();
        for (Set<SawTrait> saw : SawKinds.all()) {
            if (!complaint.possibleOn(saw)) {
                continue;
            }
            List<Cause> causes = known.behind(complaint, saw);
            if (causes.isEmpty()) {
                found.add(new KnowledgeFault(
                        Kind.NO_CAUSE,
                        complaint.code(),
                        saw.stream().sorted().toList().toString()));
                continue;
            }
            Finder finder = new Finder(known, complaint, new FinderCase(saw, Set.of(), Set.of()), Numbers.STANDARD);
            for (Cause cause : causes) {
                boolean seen = finder.checks().stream()
                        .filter(check -> known.looks(cause).contains(check.code()))
                        .anyMatch(
                                check -> check.answers().keySet().stream().anyMatch(a -> check.shows(a, cause.code())));
                if (!seen) {
                    found.add(new KnowledgeFault(Kind.NEVER_SEEN, complaint.code(), cause.code()));
                } else if (!reached(finder, cause)) {
                    found.add(new KnowledgeFault(Kind.DEAD_END, complaint.code(), cause.code()));
                }
            }
        }
        found.stream().sorted(Comparator.comparing(KnowledgeFault::what)).forEach(faults::add);
    }

    /** Whether a cause comes to stand clear when every answer is its likeliest. */
    private static boolean reached(Finder finder, Cause cause) {
        List<Answered> path = new ArrayList<>();
        Diagnosis stands = finder.after(path);
        while (stands.outcome().goesOn() && stands.next() != null) {
            Check check = stands.next().check();
            path.add(new Answered(check.code(), likeliest(check, cause)));
            stands = finder.after(path);
        }
        return stands.outcome() == Outcome.CLEAR
                && stands.first().cause().code().equals(cause.code());
    }

    /** The likeliest answer; the first of them on the keys where two are as likely. */
    private static String likeliest(Check check, Cause cause) {
        return check.answers().keySet().stream()
                .reduce((one, other) ->
                        check.likelihood(other, cause.code()) > check.likelihood(one, cause.code()) ? other : one)
                .orElseThrow();
    }
}
