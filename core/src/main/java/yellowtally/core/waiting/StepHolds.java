package yellowtally.core.waiting;

import java.util.List;
import yellowtally.core.holds.Need;
import yellowtally.core.steps.Step;

/** A hold without a finding: a step failed with a note, a person holds, or a complaint (handbook section 11). */
public record StepHolds(StepHoldMatter what, FitState state, Step step, List<Need> needs) implements Waiting {

    /** Who holds. */
    public enum StepHoldMatter {
        /** A step failed, with a note only. */
        STEP_FAILED,
        PERSON_HOLDS,
        /** A complaint that can hurt somebody. */
        COMPLAINT_HOLDS,
        /** A failure was struck out: what is so, nobody knows until somebody looks again. */
        LOOK_ANEW
    }

    public StepHolds {
        needs = List.copyOf(needs);
    }

    public static StepHolds of(StepHoldMatter what, Step step, List<Need> needs) {
        return new StepHolds(what, FitState.HELD, step, needs);
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
