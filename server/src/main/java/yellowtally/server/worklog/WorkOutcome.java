package yellowtally.server.worklog;

import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.StepOutcome;

/** How a step stands on record: as it ended, or skipped with a reason. */
public enum WorkOutcome {
    FINE(StepOutcome.FINE),
    ATTEND(StepOutcome.ATTEND),
    FAIL(StepOutcome.FAIL),
    SKIPPED(null);

    private final @Nullable StepOutcome ended;

    WorkOutcome(@Nullable StepOutcome ended) {
        this.ended = ended;
    }

    /** The stored form of an outcome. */
    public static WorkOutcome of(StepOutcome outcome) {
        return switch (outcome) {
            case FINE -> FINE;
            case ATTEND -> ATTEND;
            case FAIL -> FAIL;
        };
    }

    /**
     * How the step ended.
     *
     * @throws IllegalStateException when it was skipped, and so did not end at all
     */
    public StepOutcome ended() {
        if (ended == null) {
            throw new IllegalStateException("a skipped step has no outcome");
        }
        return ended;
    }
}
