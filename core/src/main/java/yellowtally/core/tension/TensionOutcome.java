package yellowtally.core.tension;

/**
 * What a reading means. {@code TOO_TIGHT} to {@code THROW_RISK} are in order of slack: a looser chain never gets an
 * earlier one of them. The others stand outside that order.
 */
public enum TensionOutcome {
    TOO_TIGHT,
    FIRM,
    RIGHT,
    LOOSE,
    /** Do not run: the chain can climb off and whip. */
    THROW_RISK,
    /** Binds in one place, whatever the slack. */
    TIGHT_SPOT,
    /** Will not move by hand, brake off, though there is slack in the loop: something holds it. */
    JAMMED,
    /** Will not move by hand, brake off, and has no slack. */
    STUCK_TIGHT,
    /** The reading was not fair or contradicts itself; it says nothing about the chain. */
    NO_VERDICT;

    /** Whether a saw may be used on this outcome as far as tension goes. */
    public boolean passes() {
        return this == FIRM || this == RIGHT;
    }

    /** Whether no saw may go out on it (handbook sections 3 and 11). */
    public boolean holds() {
        return this == THROW_RISK || this == JAMMED || this == STUCK_TIGHT;
    }

    /** Whether this outcome says how slack the chain is. */
    public boolean tellsSlack() {
        return compareTo(THROW_RISK) <= 0;
    }
}
