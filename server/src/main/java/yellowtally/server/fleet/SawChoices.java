package yellowtally.server.fleet;

/** The kinds a saw can be of (handbook section 2). */
public final class SawChoices {

    private SawChoices() {}

    /** What drives it. */
    public enum Power {
        PETROL,
        BATTERY,
        CORDED
    }

    /** Where it is held. */
    public enum Handle {
        REAR,
        TOP
    }

    /** How the chain gets its oil. */
    public enum Oiler {
        AUTOMATIC_FIXED,
        AUTOMATIC_ADJUSTABLE,
        HAND_BULB
    }

    /** Where the chain brake sits. */
    public enum BrakeSeat {
        COVER,
        BODY
    }

    /** Where the chain adjuster is reached. */
    public enum Adjuster {
        FRONT,
        SIDE,
        TOOL_FREE
    }

    /** Order of cutters on a loop. */
    public enum CutterSequence {
        STANDARD,
        HALF_SKIP,
        SKIP
    }

    /** Shape of the cutters. */
    public enum CutterProfile {
        FULL_CHISEL,
        SEMI_CHISEL,
        LOW_PROFILE
    }
}
