package yellowtally.server.visit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.FigureKind;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;

/** What can be found and measured in a step on a saw, for the screens to offer. */
public final class StepChoices {

    private StepChoices() {}

    /** A finding that can be chosen. */
    public record FindingView(
            Finding finding, StepOutcome outcome, @Nullable Subject condemns) {}

    /** A figure that can be taken. */
    public record MeasureView(Measure measure, FigureKind kind, boolean needed) {}

    public static List<FindingView> findings(Step step, SawProfile saw) {
        return Finding.of(step, saw).stream()
                .filter(f -> !f.measured())
                .map(f -> new FindingView(f, f.outcome(saw), f.condemns()))
                .toList();
    }

    public static List<MeasureView> measures(Step step, SawProfile saw) {
        return Measure.of(step, saw).stream()
                .filter(m -> !m.reckoned())
                .map(m -> new MeasureView(m, m.kind(), m.needed()))
                .toList();
    }
}
