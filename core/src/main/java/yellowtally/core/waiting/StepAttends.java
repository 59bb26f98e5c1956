package yellowtally.core.waiting;

import yellowtally.core.steps.Step;

/** A step that ended with attend and a note only: what it was stands in the log. */
public record StepAttends(AttendMatter what, FitState state, Step step) implements Waiting {

    /** It has one form. */
    public enum AttendMatter {
        STEP_ATTENDS
    }

    public static StepAttends of(Step step) {
        return new StepAttends(AttendMatter.STEP_ATTENDS, FitState.DUE, step);
    }

    @Override
    public boolean forToday() {
        return true;
    }
}
