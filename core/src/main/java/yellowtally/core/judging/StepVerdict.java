package yellowtally.core.judging;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.edge.FileBack;
import yellowtally.core.edge.SharpeningPlan;
import yellowtally.core.oiling.OilGrade;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;

/**
 * What a step means.
 *
 * @param outcome the worst of what was said and what was found
 * @param findings chosen and measured, in the order of the handbook
 * @param opens steps that the findings call for at once
 * @param clearanceMm groove clearance, mm; {@code null} when not measured
 * @param dressingsLeft dressings of the rails left (est.); {@code null} when not measured
 * @param gaugeTargetMm depth-gauge setting to aim at, mm; {@code null} at all other steps
 * @param plan strokes from the sample of cutter lengths; {@code null} without one
 * @param oilGrade bar oil that fits the temperature of the day; {@code null} when nobody told it
 * @param fileBack strokes that damage or gauges that are too low ask for; {@code null} where neither does
 */
public record StepVerdict(
        StepOutcome outcome,
        List<Finding> findings,
        Set<Step> opens,
        @Nullable Double clearanceMm,
        @Nullable Integer dressingsLeft,
        @Nullable Double gaugeTargetMm,
        @Nullable SharpeningPlan plan,
        @Nullable FileBack fileBack,
        @Nullable OilGrade oilGrade) {

    public StepVerdict {
        findings = List.copyOf(findings);
        opens = Set.copyOf(opens);
    }
}
