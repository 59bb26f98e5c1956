package yellowtally.core.reminders;

/** What is told, the most pressing first. */
public enum ReminderKind {
    /** A crew leaves with fewer saws than it asked for. */
    BOOKING_SHORT,
    /** A part is not there when the visit needs it. */
    STOCK_SHORT,
    /** A saw should be back from a mechanic or dealer. */
    AWAY_OVERDUE,
    /** Loops, bars or sprockets should be back from one. */
    PARTS_OVERDUE,
    /** A loop goes into the oil this evening (handbook section 3). */
    SOAK_TONIGHT,
    /** Tasks of a saw fall due tomorrow. */
    DUE_TOMORROW
}
