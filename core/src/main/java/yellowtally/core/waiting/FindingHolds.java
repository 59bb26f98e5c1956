package yellowtally.core.waiting;

import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;

/** Something was found that must not go out (handbook section 11). */
public record FindingHolds(FindingHoldMatter what, FitState state, Step step, Finding finding) implements Waiting {

    /** It has one form. */
    public enum FindingHoldMatter {
        FINDING_HOLDS
    }

    /**
     * A hold for a finding.
     *
     * @param step whose passing record clears it
     */
    public static FindingHolds of(Step step, Finding finding) {
        return new FindingHolds(FindingHoldMatter.FINDING_HOLDS, FitState.HELD, step, finding);
    }

    @Override
    public boolean forToday() {
        return true;
    }

    @Override
    public boolean failed() {
        return true;
    }
}
