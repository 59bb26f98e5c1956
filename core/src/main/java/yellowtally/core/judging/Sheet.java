package yellowtally.core.judging;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepReport;

/**
 * What was reported of a step, and what it is judged by.
 *
 * @param step that was done
 * @param saw it was done on
 * @param numbers limits in force for it
 * @param removalMm what one stroke takes off its loop, mm
 */
record Sheet(Step step, StepReport report, SawProfile saw, Numbers numbers, double removalMm) {

    /** A figure as reported; {@code null} when it was not taken. */
    @Nullable
    Double figure(Measure measure) {
        return report.figures().get(measure);
    }

    /** All figures. */
    Map<Measure, Double> figures() {
        return report.figures();
    }
}
