package yellowtally.core.steps;

/** How the chain gets its oil (handbook section 2). */
public enum OilerKind {
    /** Driven by the chain drive. */
    AUTOMATIC_FIXED,
    /** Driven by the chain drive, and set by a screw. */
    AUTOMATIC_ADJUSTABLE,
    /** By the pressure of the crankcase through a check valve; only where an engine makes it. */
    CRANKCASE_PRESSURE,
    HAND_BULB;

    /** Whether a saw of this power can have it. */
    public boolean possibleOn(Power power) {
        return this != CRANKCASE_PRESSURE || power == Power.PETROL;
    }
}
