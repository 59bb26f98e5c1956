package yellowtally.core.edge;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.DoubleStream;
import yellowtally.core.settings.Numbers;

/**
 * How many strokes on which cutter (handbook section 4). Made from a sample, the shortest and the longest of each side, or from a full map.
 *
 * @param advice what the loop asks for
 * @param reasons what carried the advice
 * @param way how the strokes were dealt out
 * @param targetMm the shortest healthy cutter, mm: all others come down to it before the base strokes
 * @param cutters strokes for each cutter that was measured, in their order
 * @param outliers healthy cutters so much shorter than all others that leaving them out saves much of the loop
 * @param balance the two sides before filing
 * @param spreadLeftMm longest less shortest on the left, mm
 * @param spreadRightMm the same on the right
 * @param endsAtMm length of the target cutter after filing, mm (est.)
 * @param saved strokes over the whole loop that leaving the outliers out would save
 * @param totalStrokes over the whole loop
 */
public record SharpeningPlan(
        EdgeAdvice advice,
        Set<PlanReason> reasons,
        FilingWay way,
        double targetMm,
        List<CutterStrokes> cutters,
        List<Integer> outliers,
        SideBalance balance,
        double spreadLeftMm,
        double spreadRightMm,
        double endsAtMm,
        int saved,
        int totalStrokes) {

    private static final int LEAST_PER_SIDE = 2;

    public SharpeningPlan {
        reasons = Set.copyOf(reasons);
        cutters = List.copyOf(cutters);
        outliers = List.copyOf(outliers);
    }

    /** What a loop asks for, from least to most. */
    public enum EdgeAdvice {
        /** The same few strokes on every cutter. */
        TOUCH_UP,
        /** Strokes by length: bring all to one. */
        EQUALISE,
        /** Filing would pass the wear mark. */
        SCRAP,
        /** Out of use at once. */
        OUT_OF_USE
    }

    /** What carried an advice. */
    public enum PlanReason {
        SIDES_LEAD_IN_A_CURVE,
        SIDES_FAR_APART,
        SIDE_UNEVEN,
        PASSES_MARK,
        CUTTER_CONDEMNED,
        DAMAGED_LEFT_OUT,
        /** Four lengths only, and one stands alone below the others: what looks like a curve may be one bad cutter. */
        MAY_BE_ONE_CUTTER,
        CHOSEN_LEFT_OUT
    }

    /** How strokes are dealt out. */
    public enum FilingWay {
        /** The same number on every cutter of both sides. */
        SAME_ON_ALL,
        /** As many as each is longer than the shortest, and the base strokes. */
        TO_ONE_LENGTH
    }

    /**
     * The strokes of one cutter.
     *
     * @param leftOut not brought to one length with the others: it gets the base strokes, or none when damaged
     */
    public record CutterStrokes(int place, Side side, double mm, int strokes, boolean leftOut) {}

    /**
     * What a plan is made from.
     *
     * @param cutters measured ones, any order
     * @param leaveOut places that the officer leaves out
     * @param removalMm what one stroke takes off, mm, over zero
     * @param baseStrokes to reach a clean edge, zero or more
     * @param markMm wear mark of the loop, mm
     * @param sample whether they are the shortest and the longest of each side only
     */
    public record Given(
            Collection<Cutter> cutters,
            Set<Integer> leaveOut,
            double removalMm,
            int baseStrokes,
            double markMm,
            boolean sample,
            Numbers numbers) {

        private Given without(Set<Integer> places) {
            return new Given(cutters, places, removalMm, baseStrokes, markMm, sample, numbers);
        }
    }

    /** Why there can be no plan; empty when there can. */
    public static Optional<PlanRefusal> refusal(Collection<Cutter> cutters, Set<Integer> leaveOut) {
        for (Side side : Side.values()) {
            long measured = Cutter.counted(cutters, leaveOut).stream()
                    .filter(c -> c.side() == side)
                    .count();
            if (measured < LEAST_PER_SIDE) {
                return Optional.of(new PlanRefusal(PlanRefusal.Reason.TOO_FEW_LENGTHS, null));
            }
        }
        return Optional.empty();
    }

    /** The plan in the way that the loop asks for. Ask {@link #refusal} first. */
    public static SharpeningPlan of(Given given) {
        Draft draft = new Draft(given);
        FilingWay way = draft.advice() == EdgeAdvice.TOUCH_UP ? FilingWay.SAME_ON_ALL : FilingWay.TO_ONE_LENGTH;
        return draft.plan(way);
    }

    /** The plan in a way that the officer chose. */
    public static SharpeningPlan of(Given given, FilingWay way) {
        return new Draft(given).plan(way);
    }

    /** Strokes over the whole loop. */
    public int strokes() {
        return cutters.stream().mapToInt(CutterStrokes::strokes).sum();
    }

    /** The plan while it is made. */
    private static final class Draft {
        private final Given given;
        private final Numbers numbers;
        private final List<Cutter> all;
        private final List<Cutter> counted;
        private final SideBalance balance;
        private final double target;
        private final double spreadLeft;
        private final double spreadRight;
        private final Set<PlanReason> reasons = EnumSet.noneOf(PlanReason.class);

        Draft(Given given) {
            this.given = given;
            this.numbers = given.numbers();
            this.all = given.cutters().stream()
                    .sorted(Comparator.comparing(Cutter::place))
                    .toList();
            this.counted = Cutter.counted(all, given.leaveOut());
            this.balance = SideBalance.of(counted, numbers);
            this.target = lengths(counted).min().orElseThrow();
            this.spreadLeft = spread(Side.LEFT);
            this.spreadRight = spread(Side.RIGHT);
            findReasons();
        }

        private void findReasons() {
            double spread = numbers.of(EdgeSetting.SPREAD);
            if (balance.verdict() == SideBalance.BalanceVerdict.CURVES) {
                reasons.add(PlanReason.SIDES_LEAD_IN_A_CURVE);
            }
            if (balance.verdict() == SideBalance.BalanceVerdict.EQUALISE) {
                reasons.add(PlanReason.SIDES_FAR_APART);
            }
            if (spreadLeft > spread || spreadRight > spread) {
                reasons.add(PlanReason.SIDE_UNEVEN);
            }
            if (WearMark.passed(endsAt(), given.markMm())) {
                reasons.add(PlanReason.PASSES_MARK);
            }
            if (all.stream().anyMatch(c -> c.damage() != null && c.damage().condemns())) {
                reasons.add(PlanReason.CUTTER_CONDEMNED);
            }
            if (all.stream().anyMatch(c -> c.damage() != null && !c.damage().condemns())) {
                reasons.add(PlanReason.DAMAGED_LEFT_OUT);
            }
            if (all.stream().anyMatch(c -> c.healthy() && given.leaveOut().contains(c.place()))) {
                reasons.add(PlanReason.CHOSEN_LEFT_OUT);
            }
            if (given.sample() && uneven() && !outliers().isEmpty()) {
                reasons.add(PlanReason.MAY_BE_ONE_CUTTER);
            }
        }

        EdgeAdvice advice() {
            if (reasons.contains(PlanReason.CUTTER_CONDEMNED)) {
                return EdgeAdvice.OUT_OF_USE;
            }
            if (reasons.contains(PlanReason.PASSES_MARK)) {
                return EdgeAdvice.SCRAP;
            }
            return uneven() ? EdgeAdvice.EQUALISE : EdgeAdvice.TOUCH_UP;
        }

        private boolean uneven() {
            return reasons.contains(PlanReason.SIDES_LEAD_IN_A_CURVE)
                    || reasons.contains(PlanReason.SIDES_FAR_APART)
                    || reasons.contains(PlanReason.SIDE_UNEVEN);
        }

        SharpeningPlan plan(FilingWay way) {
            List<CutterStrokes> strokes = new ArrayList<>();
            for (Cutter cutter : all) {
                if (cutter.mm() != null) {
                    strokes.add(strokes(cutter, way));
                }
            }
            List<Integer> outliers = outliers();
            return new SharpeningPlan(
                    advice(),
                    reasons,
                    way,
                    target,
                    strokes,
                    outliers,
                    balance,
                    spreadLeft,
                    spreadRight,
                    endsAt(),
                    outliers.isEmpty() ? 0 : saved(outliers),
                    strokes.stream().mapToInt(CutterStrokes::strokes).sum());
        }

        private CutterStrokes strokes(Cutter cutter, FilingWay way) {
            double mm = Objects.requireNonNull(cutter.mm());
            boolean leftOut = !counted.contains(cutter);
            int strokes;
            if (cutter.damage() != null) {
                strokes = 0;
            } else if (leftOut || way == FilingWay.SAME_ON_ALL) {
                strokes = given.baseStrokes();
            } else {
                strokes = Strokes.toTakeOff(mm - target, given.removalMm()) + given.baseStrokes();
            }
            return new CutterStrokes(cutter.place(), cutter.side(), mm, strokes, leftOut);
        }

        private double endsAt() {
            return target - given.baseStrokes() * given.removalMm();
        }

        private double spread(Side side) {
            var lengths = lengths(counted.stream().filter(c -> c.side() == side).toList())
                    .summaryStatistics();
            return Math.round((lengths.getMax() - lengths.getMin()) * 1000) / 1000.0;
        }

        /** Those that stand alone below all the rest; never more than one in eight, or it is no outlier. */
        private List<Integer> outliers() {
            double apart = numbers.of(EdgeSetting.OUTLIER);
            List<Cutter> sorted = counted.stream()
                    .sorted(Comparator.comparingDouble(Draft::length))
                    .toList();
            // Of four lengths one may stand alone; a second one would be half of what was measured.
            int most = given.sample() ? Math.min(1, Math.max(0, sorted.size() - 3)) : sorted.size() / 8;
            for (int i = 0; i < most; i++) {
                if (length(sorted.get(i + 1)) - length(sorted.get(i)) > apart) {
                    return sorted.subList(0, i + 1).stream()
                            .map(Cutter::place)
                            .sorted()
                            .toList();
                }
            }
            return List.of();
        }

        private int saved(List<Integer> outliers) {
            Set<Integer> without = new HashSet<>(given.leaveOut());
            without.addAll(outliers);
            return Math.max(0, toOneLength(given) - toOneLength(given.without(without)));
        }

        private static int toOneLength(Given given) {
            Draft draft = new Draft(given);
            return draft.all.stream()
                    .filter(c -> c.mm() != null)
                    .mapToInt(c -> draft.strokes(c, FilingWay.TO_ONE_LENGTH).strokes())
                    .sum();
        }

        private static DoubleStream lengths(List<Cutter> cutters) {
            return cutters.stream().mapToDouble(Draft::length);
        }

        private static double length(Cutter cutter) {
            return Objects.requireNonNull(cutter.mm());
        }
    }
}
