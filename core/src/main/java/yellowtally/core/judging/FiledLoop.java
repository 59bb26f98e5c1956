package yellowtally.core.judging;

import java.util.ArrayList;
import java.util.Collection;
import java.util.DoubleSummaryStatistics;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import yellowtally.core.edge.Cutter;
import yellowtally.core.edge.CutterDamage;
import yellowtally.core.edge.SharpeningPlan;
import yellowtally.core.edge.SharpeningPlan.CutterStrokes;
import yellowtally.core.edge.SharpeningPlan.FilingWay;
import yellowtally.core.edge.Side;
import yellowtally.core.edge.SideBalance;
import yellowtally.core.edge.SideBalance.BalanceVerdict;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.StepReport;

/**
 * A loop that was in the vice, and what it reports as steps of bench work (handbook section 4).
 *
 * @param before cutters as they were found, measured or not
 * @param after the same after filing
 * @param strokes made on a cutter, by its place, zero or more; one that is not among them was not filed
 * @param leftOut places that were not brought to one length with the others
 * @param dull whether the edge was found dull
 */
public record FiledLoop(
        List<Cutter> before, List<Cutter> after, Map<Integer, Integer> strokes, Set<Integer> leftOut, boolean dull) {

    public FiledLoop {
        before = List.copyOf(before);
        after = List.copyOf(after);
        strokes = Map.copyOf(strokes);
        leftOut = Set.copyOf(leftOut);
    }

    /** A step and what is said of it. */
    public record Told(Step step, StepReport report) {}

    /** The look at the chain that takes the loop out of use at once; empty when no cutter does. */
    public Optional<Told> condemned() {
        Set<CutterDamage> damage = Set.copyOf(before.stream()
                .map(Cutter::damage)
                .filter(Objects::nonNull)
                .filter(CutterDamage::condemns)
                .toList());
        if (damage.isEmpty()) {
            return Optional.empty();
        }
        Set<Finding> found = EnumSet.noneOf(Finding.class);
        damage.forEach(d -> found.add(d == CutterDamage.CRACKED ? Finding.CUTTER_CRACKED : Finding.CUTTER_MISSING));
        return Optional.of(new Told(Step.CHAIN_LOOK, new StepReport(StepOutcome.FAIL, found, Map.of())));
    }

    /** Cutters that the plan has strokes for and that were not filed. */
    public List<CutterStrokes> unfiled(SharpeningPlan plan) {
        return plan.cutters().stream()
                .filter(cutter -> cutter.strokes() > 0 && !strokes.containsKey(cutter.place()))
                .toList();
    }

    /** The sharpening, and the bringing to one length where that was the way. */
    public List<Told> done(SharpeningPlan plan, Numbers numbers) {
        List<Told> steps = new ArrayList<>();
        steps.add(sharpened(plan));
        if (plan.way() == FilingWay.TO_ONE_LENGTH) {
            steps.add(equalised(plan, numbers));
        }
        return steps;
    }

    private Told sharpened(SharpeningPlan plan) {
        Map<Measure, Double> figures = new EnumMap<>(Measure.class);
        figures.put(Measure.STROKES_LEFT, meanStrokes(plan, Side.LEFT));
        figures.put(Measure.STROKES_RIGHT, meanStrokes(plan, Side.RIGHT));
        DoubleSummaryStatistics left = lengths(counted(before), Side.LEFT);
        DoubleSummaryStatistics right = lengths(counted(before), Side.RIGHT);
        figures.put(Measure.LEFT_SHORTEST, left.getMin());
        figures.put(Measure.LEFT_LONGEST, left.getMax());
        figures.put(Measure.RIGHT_SHORTEST, right.getMin());
        figures.put(Measure.RIGHT_LONGEST, right.getMax());
        // Measured again after filing: the newest length, which may have passed the mark.
        counted(after).stream()
                .map(Cutter::mm)
                .filter(Objects::nonNull)
                .min(Double::compare)
                .ifPresent(mm -> figures.put(Measure.FILED_SHORTEST, mm));
        if (SharpeningPlan.refusal(counted(after), Set.of()).isEmpty()) {
            figures.put(Measure.FILED_LEFT, lengths(counted(after), Side.LEFT).getAverage());
            figures.put(Measure.FILED_RIGHT, lengths(counted(after), Side.RIGHT).getAverage());
        }
        Finding found = dull ? Finding.FOUND_DULL : Finding.FOUND_STILL_CUTTING;
        return new Told(Step.SHARPEN, new StepReport(StepOutcome.FINE, Set.of(found), figures));
    }

    /** Strokes of one side on the mean, as a whole number: the record has one figure for a side. */
    private double meanStrokes(SharpeningPlan plan, Side side) {
        return Math.round(plan.cutters().stream()
                .filter(cutter -> cutter.side() == side)
                .mapToInt(cutter -> strokes.getOrDefault(cutter.place(), 0))
                .average()
                .orElse(0));
    }

    /** The length that all have now: measured again, or else where the plan ends (est.), to a hundredth. */
    private Told equalised(SharpeningPlan plan, Numbers numbers) {
        List<Cutter> again = counted(after);
        double shortest = again.isEmpty()
                ? Math.round(plan.endsAtMm() * 100) / 100.0
                : lengths(again).getMin();
        boolean uneven = SharpeningPlan.refusal(again, Set.of()).isEmpty()
                && SideBalance.of(again, numbers).verdict() != BalanceVerdict.EVEN;
        Set<Finding> found = uneven ? Set.of(Finding.SIDES_STILL_UNEVEN) : Set.of();
        return new Told(
                Step.EQUALISE, new StepReport(StepOutcome.FINE, found, Map.of(Measure.EQUALISED_LENGTH, shortest)));
    }

    private List<Cutter> counted(List<Cutter> cutters) {
        return Cutter.counted(cutters, leftOut);
    }

    private static DoubleSummaryStatistics lengths(List<Cutter> cutters, Side side) {
        return lengths(cutters.stream().filter(cutter -> cutter.side() == side).toList());
    }

    private static DoubleSummaryStatistics lengths(Collection<Cutter> cutters) {
        return cutters.stream()
                .mapToDouble(cutter -> Objects.requireNonNull(cutter.mm()))
                .summaryStatistics();
    }
}
