package yellowtally.core.waiting;

import java.util.List;
import yellowtally.core.holds.Need;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;

/** Something was found that must not go out (handbook section 11). */
public record FindingHolds(FindingHoldMatter what, FitState state, Step step, Finding finding, List<Need> needs)
        implements Waiting {

    /** It has one form. */
    public enum FindingHoldMatter {
        FINDING_HOLDS
    }

    public FindingHolds {
        needs = List.copyOf(needs);
    }

    /** A hold for a finding, and what would end it. */
    public static FindingHolds of(Finding finding, List<Need> needs) {
        return new FindingHolds(FindingHoldMatter.FINDING_HOLDS, FitState.HELD, finding.step(), finding, needs);
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
