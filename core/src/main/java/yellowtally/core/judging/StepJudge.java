package yellowtally.core.judging;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import yellowtally.core.bar.GrooveClearance;
import yellowtally.core.edge.EdgeSetting;
import yellowtally.core.edge.FilingRate;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepKind;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.StepRefusal;
import yellowtally.core.steps.StepRefusal.Reason;
import yellowtally.core.steps.StepReport;

/** Judges what was reported of a step (handbook sections 4 to 9). Figures speak for themselves, whatever was said. */
public final class StepJudge {

    private final SawProfile saw;
    private final Numbers numbers;
    private final double removalMm;

    /**
     * A judge for one saw.
     *
     * @param numbers limits in force for it
     * @param removalMm what one stroke takes off its loop, mm, as learned, see {@link FilingRate}
     */
    public StepJudge(SawProfile saw, Numbers numbers, double removalMm) {
        this.saw = saw;
        this.numbers = numbers;
        this.removalMm = removalMm;
    }

    /** A judge where no stroke is reckoned with: the starting estimate holds. */
    public StepJudge(SawProfile saw, Numbers numbers) {
        this(saw, numbers, numbers.of(EdgeSetting.REMOVAL));
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
        Optional<StepRefusal> gauges = GaugeRule.refusal(step, report.figures());
        if (gauges.isPresent()) {
            return gauges;
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
        Sheet sheet = new Sheet(step, GaugeRule.complete(report), saw, numbers, removalMm);
        Reading reading = new Reading(report.findings());
        PartFigures.ALL.forEach(part -> part.read(sheet, reading));
        Set<Finding> found = reading.found();
        StepOutcome outcome = report.said();
        Set<Step> opens = EnumSet.noneOf(Step.class);
        for (Finding finding : found) {
            StepOutcome made = finding.outcome(saw);
            outcome = made.compareTo(outcome) > 0 ? made : outcome;
            finding.opensAll().stream().filter(opened -> opened.appliesTo(saw)).forEach(opens::add);
        }
        if (outcome != StepOutcome.FAIL) {
            StepFollows.of(step).stream().filter(s -> s.appliesTo(saw)).forEach(opens::add);
        }
        GrooveClearance clearance = reading.clearance();
        return new StepVerdict(
                outcome,
                List.copyOf(found),
                opens,
                clearance == null ? null : clearance.mm(),
                clearance == null ? null : clearance.dressingsLeft(),
                reading.gaugeTargetMm(),
                reading.plan(),
                reading.fileBack(),
                reading.oilGrade());
    }
}
