package yellowtally.core.schedule;

/** What was cut (handbook section 10: what weighs more). */
public enum Wood {
    SOFT,
    HARD,
    /** Sand or soil on it. */
    DIRTY,
    FROZEN
}
