package yellowtally.core.waiting;

import yellowtally.core.steps.Step;

/** A hold that only names the step that clears it: a step failed with a note, or a person holds (handbook section 11). */
public record StepHolds(StepHoldMatter what, FitState state, Step step) implements Waiting {

    /** Who holds. */
    public enum StepHoldMatter {
        /** A step failed, with a note only. */
        STEP_FAILED,
        PERSON_HOLDS
    }

    public static StepHolds of(StepHoldMatter what, Step step) {
        return new StepHolds(what, FitState.HELD, step);
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
