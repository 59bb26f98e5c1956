package yellowtally.core.steps;

/** How a step ended, best first. */
public enum StepOutcome {
    /** Good, or done. */
    FINE,
    /** Done, and something waits. */
    ATTEND,
    /** Must not be used. */
    FAIL
}
