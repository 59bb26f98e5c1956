package yellowtally.server.worklog;

import yellowtally.core.steps.StepOutcome;

/** How a step stands on record: as it ended, or skipped with a reason. */
public enum WorkOutcome {
    FINE,
    ATTEND,
    FAIL,
    SKIPPED;

    /** The stored form of an outcome. */
    public static WorkOutcome of(StepOutcome outcome) {
        return valueOf(outcome.name());
    }
}
