package yellowtally.core.steps;

import java.util.Map;
import java.util.Set;

/**
 * What the officer says of a step.
 *
 * @param said fine, attend or fail by the officer's own eye
 * @param findings chosen by hand, none of them measured ones
 * @param figures measured, mm, counts, days or percent by {@link Measure#kind()}
 */
public record StepReport(StepOutcome said, Set<Finding> findings, Map<Measure, Double> figures) {

    public StepReport {
        findings = Set.copyOf(findings);
        figures = Map.copyOf(figures);
    }
}
