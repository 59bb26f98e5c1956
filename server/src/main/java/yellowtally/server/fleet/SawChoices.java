package yellowtally.server.fleet;

/** The kinds a saw can be of (handbook section 2). */
public final class SawChoices {

    private SawChoices() {}

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

    /** Shape of the cutters. */
    public enum CutterProfile {
        FULL_CHISEL,
        SEMI_CHISEL,
        LOW_PROFILE
    }
}
