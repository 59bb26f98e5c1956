package yellowtally.core.waiting;

import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;

/**
 * Something found that waits.
 *
 * @param step that answers it
 */
public record FindingWaits(FindingMatter what, FitState state, Step step, Finding finding) implements Waiting {

    /** It has one form. */
    public enum FindingMatter {
        FINDING_WAITS
    }

    /** Waits under the step that answers it. A watch or a plan is no work yet: said, and the saw stays fit. */
    public static FindingWaits of(Finding finding) {
        return new FindingWaits(
                FindingMatter.FINDING_WAITS,
                finding.onlyTold() ? FitState.FIT : FitState.DUE,
                finding.answeredBy(),
                finding);
    }

    @Override
    public boolean forToday() {
        return true;
    }
}
