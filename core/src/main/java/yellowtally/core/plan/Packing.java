package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/**
 * How the visits of a day lie on its benches, each on one from its beginning to its end.
 *
 * @param fits whether they do
 * @param simple whether it was enough to lay the longest first
 * @param benches of each visit, in the order in which they lie there: its place among the benches of the day
 * @param mostLeft of the bench that has most left, minutes
 * @param shortest of the visits that are not pinned, minutes
 */
record Packing(boolean fits, boolean simple, List<Integer> benches, double mostLeft, double shortest) {

    static final double ROUNDING = 1e-6;

    private static final Packing DOES_NOT_FIT = new Packing(false, false, List.of(), 0, 0);

    /** Pinned visits first, then the longest. */
    static final Comparator<Load.Lying> IN_ORDER = Comparator.comparing((Load.Lying visit) -> !visit.pinned())
            .thenComparing(Comparator.comparingDouble(Load.Lying::minutes).reversed())
            .thenComparingInt(Load.Lying::saw);

    /**
     * On these benches.
     *
     * @param visits in {@link #IN_ORDER}
     * @param benches the one that has most left first
     */
    static Packing of(List<Load.Lying> visits, List<BenchSlot> benches) {
        Laying laying = new Laying(visits, benches);
        if (laying.longestFirst()) {
            return laying.told(true);
        }
        double asked = visits.stream().mapToDouble(Load.Lying::minutes).sum();
        double there = benches.stream().mapToDouble(BenchSlot::left).sum();
        if (benches.size() < 2 || asked > there + ROUNDING) {
            return DOES_NOT_FIT;
        }
        Laying again = new Laying(visits, benches);
        return again.benchByBench() ? again.told(false) : DOES_NOT_FIT;
    }

    /** Whether another visit surely fits beside these: the shortest is laid down last, and all others stay where they are. */
    boolean hasRoomFor(Load.Lying visit) {
        return simple && !visit.pinned() && visit.minutes() <= shortest && visit.minutes() <= mostLeft + ROUNDING;
    }

    /** Visits while they are laid down. */
    private static final class Laying {

        private final List<Load.Lying> visits;
        private final List<Double> left = new ArrayList<>();
        private final List<Integer> bench;

        Laying(List<Load.Lying> visits, List<BenchSlot> benches) {
            this.visits = visits;
            benches.forEach(slot -> left.add(slot.left()));
            bench = new ArrayList<>(Collections.nCopies(visits.size(), 0));
        }

        Packing told(boolean simple) {
            return new Packing(
                    true,
                    simple,
                    List.copyOf(bench),
                    left.stream().mapToDouble(Double::doubleValue).max().orElse(0),
                    visits.stream()
                            .filter(visit -> !visit.pinned())
                            .mapToDouble(Load.Lying::minutes)
                            .min()
                            .orElse(Double.POSITIVE_INFINITY));
        }

        private void lay(int visit, int on) {
            bench.set(visit, on);
            left.set(on, left.get(on) - visits.get(visit).minutes());
        }

        /** Each to the bench that it fills best. */
        boolean longestFirst() {
            for (int visit = 0; visit < visits.size(); visit++) {
                int best = bestBench(visits.get(visit));
                if (best < 0) {
                    return false;
                }
                lay(visit, best);
            }
            return true;
        }

        private int bestBench(Load.Lying visit) {
            int best = -1;
            for (int b = 0; b < left.size(); b++) {
                double room = left.get(b);
                boolean fits = visit.pinned() || room + ROUNDING >= visit.minutes();
                if (fits && (best < 0 || (visit.pinned() ? room > left.get(best) : room < left.get(best)))) {
                    best = b;
                }
            }
            return best;
        }

        /** Each bench as full as it can be, one after the other: on two benches that finds room wherever there is any. */
        boolean benchByBench() {
            List<Integer> waiting = new ArrayList<>();
            for (int visit = 0; visit < visits.size(); visit++) {
                if (visits.get(visit).pinned()) {
                    lay(visit, bestBench(visits.get(visit)));
                } else {
                    waiting.add(visit);
                }
            }
            for (int b = 0; b < left.size(); b++) {
                fill(b, waiting);
            }
            return waiting.isEmpty();
        }

        private void fill(int on, List<Integer> waiting) {
            int room = Math.max(0, (int) Math.floor(tenths(left.get(on)) + ROUNDING));
            // After each visit, which sums of minutes there can be: bit by bit, in tenths.
            List<long[]> sums = new ArrayList<>();
            sums.add(new long[room / Long.SIZE + 1]);
            sums.get(0)[0] = 1;
            for (int visit : waiting) {
                sums.add(with(sums.get(sums.size() - 1), asked(visit)));
            }
            int sum = room;
            while (!canBe(sums.get(waiting.size()), sum)) {
                sum--;
            }
            for (int i = waiting.size() - 1; i >= 0; i--) {
                int visit = waiting.get(i);
                if (!canBe(sums.get(i), sum)) {
                    sum -= asked(visit);
                    lay(visit, on);
                    waiting.remove(i);
                }
            }
        }

        private static boolean canBe(long[] sums, int sum) {
            return (sums[sum / Long.SIZE] & 1L << sum % Long.SIZE) != 0;
        }

        /** The same with a visit more, or without it. */
        private static long[] with(long[] sums, int asked) {
            long[] more = sums.clone();
            int words = asked / Long.SIZE;
            int bits = asked % Long.SIZE;
            for (int to = sums.length - 1; to >= words; to--) {
                more[to] |= sums[to - words] << bits;
                if (bits > 0 && to > words) {
                    more[to] |= sums[to - words - 1] >>> (Long.SIZE - bits);
                }
            }
            return more;
        }

        private int asked(int visit) {
            return (int) Math.ceil(tenths(visits.get(visit).minutes()) - ROUNDING);
        }

        private static double tenths(double minutes) {
            return minutes * 10;
        }
    }
}
