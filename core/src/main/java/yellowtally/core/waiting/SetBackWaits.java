package yellowtally.core.waiting;

import java.util.List;
import yellowtally.core.holds.Need;
import yellowtally.core.steps.Step;

/** The set was apart and is not set back and proved (handbook section 11, rule 5). */
public record SetBackWaits(SetBackMatter what, FitState state, Step step, List<Need> needs) implements Waiting {

    /** It has one form. */
    public enum SetBackMatter {
        NOT_SET_BACK
    }

    public SetBackWaits {
        needs = List.copyOf(needs);
    }

    /**
     * What is missing.
     *
     * @param missing closing steps, in their order, at least one
     */
    public static SetBackWaits of(List<Step> missing) {
        return new SetBackWaits(SetBackMatter.NOT_SET_BACK, FitState.HELD, missing.get(0), Need.passing(missing));
    }

    @Override
    public boolean forToday() {
        return true;
    }
}
