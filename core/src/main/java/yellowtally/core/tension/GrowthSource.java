package yellowtally.core.tension;

/** What the growth of a loop was told by (handbook section 3). */
public enum GrowthSource {
    /** Turns of the adjuster taken up, bridged by its place where the set was apart. */
    TURNS,
    /** Measured play of a joint. */
    JOINT_PLAY,
    /** Measured length over ten drive links, against its first such length. */
    TEN_LINKS
}
