package yellowtally.core.edge;

/** What can be wrong with one cutter (handbook section 4). */
public enum CutterDamage {
    /** A corner is off: may be left out when the others are brought to one length. */
    CHIPPED,
    /** Broken off short: takes the loop out of use at once. */
    BROKEN,
    /** Takes the loop out of use at once. */
    CRACKED,
    /** Takes the loop out of use at once. */
    MISSING;

    /** Whether the loop may not be used any more. */
    public boolean condemns() {
        return this != CHIPPED;
    }
}
