package yellowtally.core.steps;

/** Stages of a visit as the officer names them, in the order of the hands (handbook section 1). */
public enum StepGroup {
    MAKE_SAFE,
    COVER_OFF,
    BAR_OFF,
    EDGE,
    CLOSING,
    ENGINE,
    RUNNING
}
