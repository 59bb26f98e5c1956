package yellowtally.core.tension;

/** What must hold before any reading counts (handbook section 3). */
public enum FairCondition {
    NUTS_SLACK,
    BRAKE_OFF,
    /** Nose held up: bars have play and always end up at the top in the cut. */
    NOSE_UP,
    COLD,
    /** A dry chain reads falsely tight. */
    OILED,
    PULLED_ROUND
}
