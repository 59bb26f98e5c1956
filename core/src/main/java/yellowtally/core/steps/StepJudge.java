package yellowtally.core.steps;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.bar.GrooveClearance;
import yellowtally.core.bar.GrooveWidth;
import yellowtally.core.bar.RailHeight;
import yellowtally.core.brake.BandThickness;
import yellowtally.core.drive.SprocketWear;
import yellowtally.core.edge.DepthGauge;
import yellowtally.core.edge.EdgeSample;
import yellowtally.core.edge.EdgeSetting;
import yellowtally.core.edge.FileBack;
import yellowtally.core.edge.GaugeTarget;
import yellowtally.core.edge.SharpeningPlan;
import yellowtally.core.edge.WearMark;
import yellowtally.core.engine.FuelAge;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.StepRefusal.Reason;

/** Judges what was reported of a step (handbook sections 4 to 9). Figures speak for themselves, whatever was said. */
public final class StepJudge {

    private final SawProfile saw;
    private final Numbers numbers;

    /**
     * A judge for one saw.
     *
     * @param numbers limits in force for it
     */
    public StepJudge(SawProfile saw, Numbers numbers) {
        this.saw = saw;
        this.numbers = numbers;
    }

    /**
     * Why the report cannot be taken; empty when it can.
     *
     * @param noted whether a note goes with it
     */
    public Optional<StepRefusal> refusal(Step step, StepReport report, boolean noted) {
        if (!step.appliesTo(saw)) {
            return Optional.of(new StepRefusal(Reason.STEP_DOES_NOT_APPLY, null));
        }
        List<Finding> offered = Finding.of(step, saw);
        if (report.findings().stream().anyMatch(f -> f.measured() || !offered.contains(f))) {
            return Optional.of(new StepRefusal(Reason.FINDING_NOT_OF_STEP, null));
        }
        List<Measure> measures = Measure.of(step, saw);
        for (Map.Entry<Measure, Double> figure : report.figures().entrySet()) {
            if (!measures.contains(figure.getKey())) {
                return Optional.of(new StepRefusal(Reason.FIGURE_NOT_OF_STEP, figure.getKey()));
            }
            if (!figure.getKey().possible(figure.getValue())) {
                return Optional.of(new StepRefusal(Reason.FIGURE_IMPOSSIBLE, figure.getKey()));
            }
            if (figure.getKey().ofCutter()
                    && saw.cutters() != null
                    && figure.getValue() > saw.cutters().longestMm() + 1e-9) {
                return Optional.of(new StepRefusal(Reason.LONGER_THAN_NEW, figure.getKey()));
            }
        }
        for (Measure measure : measures) {
            if (measure.needed() && !report.figures().containsKey(measure)) {
                return Optional.of(new StepRefusal(Reason.FIGURE_MISSING, measure));
            }
        }
        Optional<StepRefusal> sample = SampleRule.refusal(report.figures());
        if (sample.isPresent()) {
            return sample;
        }
        if (step.kind() == StepKind.CAUSE && report.findings().isEmpty()) {
            return Optional.of(new StepRefusal(Reason.CAUSE_MISSING, null));
        }
        boolean says = noted || !verdict(step, report).findings().isEmpty();
        return report.said() == StepOutcome.FINE || says
                ? Optional.empty()
                : Optional.of(new StepRefusal(Reason.FINDING_OR_NOTE_MISSING, null));
    }

    /** What the report means; call {@link #refusal} first. */
    public StepVerdict verdict(Step step, StepReport report) {
        Set<Finding> found = EnumSet.noneOf(Finding.class);
        found.addAll(report.findings());
        GrooveClearance clearance = clearance(report.figures());
        SharpeningPlan plan = plan(report);
        addMeasured(found, report.figures(), clearance);
        addPlanned(found, plan);
        StepOutcome outcome = report.said();
        Set<Step> opens = EnumSet.noneOf(Step.class);
        for (Finding finding : found) {
            StepOutcome made = finding.outcome(saw);
            outcome = made.compareTo(outcome) > 0 ? made : outcome;
            Step opened = finding.opens();
            if (opened != null && opened.appliesTo(saw)) {
                opens.add(opened);
            }
        }
        if (outcome != StepOutcome.FAIL) {
            Replacement.follows(step).stream().filter(s -> s.appliesTo(saw)).forEach(opens::add);
        }
        return new StepVerdict(
                outcome,
                List.copyOf(found),
                opens,
                clearance == null ? null : clearance.mm(),
                clearance == null ? null : clearance.dressingsLeft(),
                step == Step.DEPTH_GAUGES ? gaugeTarget() : null,
                plan);
    }

    private @Nullable Double gaugeTarget() {
        return saw.pitch() == null
                ? null
                : GaugeTarget.of(
                        saw.pitch(),
                        saw.schools(),
                        saw.cutters() == null ? 0 : saw.cutters().wearMm(),
                        numbers);
    }

    private @Nullable SharpeningPlan plan(StepReport report) {
        Map<Measure, Double> figures = report.figures();
        Double leftShortest = figures.get(Measure.LEFT_SHORTEST);
        Double leftLongest = figures.get(Measure.LEFT_LONGEST);
        Double rightShortest = figures.get(Measure.RIGHT_SHORTEST);
        Double rightLongest = figures.get(Measure.RIGHT_LONGEST);
        if (leftShortest == null || leftLongest == null || rightShortest == null || rightLongest == null) {
            return null;
        }
        boolean dull = report.findings().contains(Finding.FOUND_DULL)
                || report.findings().contains(Finding.FOUND_STRUCK);
        return EdgeSample.plan(
                new EdgeSample(leftShortest, leftLongest, rightShortest, rightLongest),
                numbers.of(EdgeSetting.REMOVAL),
                dull,
                numbers);
    }

    private void addPlanned(Set<Finding> found, @Nullable SharpeningPlan plan) {
        if (plan == null) {
            return;
        }
        Set<SharpeningPlan.PlanReason> reasons = plan.reasons();
        add(found, reasons.contains(SharpeningPlan.PlanReason.SIDES_LEAD_IN_A_CURVE), Finding.SIDES_LEAD_IN_A_CURVE);
        add(found, reasons.contains(SharpeningPlan.PlanReason.SIDES_FAR_APART), Finding.SIDES_FAR_APART);
        add(found, reasons.contains(SharpeningPlan.PlanReason.SIDE_UNEVEN), Finding.SIDE_UNEVEN);
        add(found, reasons.contains(SharpeningPlan.PlanReason.PASSES_MARK), Finding.SHARPENED_PAST_MARK);
    }

    private @Nullable GrooveClearance clearance(Map<Measure, Double> figures) {
        Double depth = figures.get(Measure.GROOVE_DEPTH);
        if (depth == null || saw.tangMm() == null) {
            return null;
        }
        return saw.dressingMm() == null
                ? GrooveClearance.of(depth, saw.tangMm(), numbers)
                : GrooveClearance.of(depth, saw.tangMm(), saw.dressingMm(), numbers);
    }

    private void addMeasured(Set<Finding> found, Map<Measure, Double> figures, @Nullable GrooveClearance clearance) {
        if (clearance != null) {
            add(found, clearance.verdict() == GrooveClearance.Verdict.WATCH, Finding.GROOVE_WATCH);
            add(found, clearance.verdict() == GrooveClearance.Verdict.SCRAP, Finding.GROOVE_WORN_OUT);
        }
        figures.forEach((measure, figure) -> addMeasured(found, measure, figure));
        Double left = figures.get(Measure.STROKES_LEFT);
        Double right = figures.get(Measure.STROKES_RIGHT);
        // Measured lengths may ask for more strokes on one side; without them both sides get the same number.
        boolean measured = figures.containsKey(Measure.LEFT_SHORTEST);
        add(found, !measured && left != null && right != null && !left.equals(right), Finding.STROKES_UNEQUAL);
        addDamage(found, figures);
    }

    private void addMeasured(Set<Finding> found, Measure measure, double figure) {
        switch (measure) {
            case BAND_THICKNESS -> add(found, BandThickness.tooThin(figure, numbers), Finding.BAND_THIN);
            case GROOVE_WIDTH ->
                add(
                        found,
                        saw.gauge() != null && GrooveWidth.tooWide(figure, saw.gauge(), numbers),
                        Finding.GROOVE_WIDE);
            case RAIL_DIFFERENCE -> {
                RailHeight rails = RailHeight.of(figure, numbers);
                add(found, rails == RailHeight.DRESS, Finding.RAILS_UNEVEN);
                add(found, rails == RailHeight.SCRAP, Finding.RAILS_SPENT);
            }
            case SHORTEST_CUTTER -> add(found, WearMark.passed(figure, numbers), Finding.CUTTER_PAST_MARK);
            case EQUALISED_LENGTH -> add(found, WearMark.passed(figure, numbers), Finding.FILED_PAST_MARK);
            case SPROCKET_WEAR -> {
                SprocketWear wear = SprocketWear.of(figure, numbers);
                add(found, wear == SprocketWear.PLAN, Finding.SPROCKET_PLAN);
                add(found, wear == SprocketWear.REPLACE, Finding.SPROCKET_WORN_OUT);
            }
            case GAUGE_SETTING -> {
                Double target = gaugeTarget();
                if (target != null) {
                    DepthGauge gauge = DepthGauge.of(figure, target, numbers);
                    add(found, gauge == DepthGauge.FILE, Finding.GAUGES_HIGH);
                    add(found, gauge == DepthGauge.TOO_LOW, Finding.GAUGES_LOW);
                    add(found, gauge == DepthGauge.KICKBACK_RISK, Finding.GAUGES_KICKBACK);
                }
            }
            case FUEL_AGE -> add(found, FuelAge.tooOld(figure, numbers), Finding.FUEL_OLD);
            case STROKES_LEFT,
                    STROKES_RIGHT,
                    LEFT_SHORTEST,
                    LEFT_LONGEST,
                    RIGHT_SHORTEST,
                    RIGHT_LONGEST,
                    DAMAGE_DEPTH,
                    GREASE_PUMPS,
                    OIL_LEFT,
                    OILER_TURNS,
                    BULB_PRESSES,
                    GROOVE_DEPTH -> {
                // No limit of their own.
            }
        }
    }

    /** Stone or metal: filed back, if that leaves the cutter above its mark. */
    private void addDamage(Set<Finding> found, Map<Measure, Double> figures) {
        Double depth = figures.get(Measure.DAMAGE_DEPTH);
        Double shortest = SampleRule.shortest(figures)
                .orElse(saw.cutters() == null ? null : saw.cutters().latestMm());
        if (depth != null && shortest != null) {
            FileBack back = FileBack.of(depth, shortest, numbers.of(EdgeSetting.REMOVAL), numbers);
            add(found, back.scrap(), Finding.DAMAGE_PAST_MARK);
        }
    }

    private static void add(Set<Finding> found, boolean is, Finding finding) {
        if (is) {
            found.add(finding);
        }
    }
}
