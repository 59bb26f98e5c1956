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

    /** Waits under the step that it opens, or under its own. A watch or a plan is no work yet: said, and the saw stays fit. */
    public static FindingWaits of(Finding finding) {
        boolean watch = finding == Finding.GROOVE_WATCH || finding == Finding.SPROCKET_PLAN;
        Step opened = finding.opens();
        return new FindingWaits(
                FindingMatter.FINDING_WAITS,
                watch ? FitState.FIT : FitState.DUE,
                opened == null ? finding.step() : opened,
                finding);
    }

    @Override
    public boolean forToday() {
        return true;
    }
}
