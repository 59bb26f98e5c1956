package yellowtally.core.schedule;

/** What makes a task due at once, whatever its counters say (handbook section 10). */
public enum DueEvent {
    GROUND_STRUCK,
    DUST_SEEN,
    RAIN,
    COMPLAINT,
    SEASON_STARTS,
    /** Another sprocket came on: the needle bearing is new with it. */
    NEW_SPROCKET,
    /** There is no record of it yet (fail-safe, handbook section 11). */
    NEVER_DONE
}
