package yellowtally.server.log;

/** What kind of thing happened. */
public enum LogKind {
    STEP,
    OUT,
    BACK,
    FITTED,
    HELD,
    RELEASED,
    VISIT_ENDED,
    /** A saw left the fleet, came back, or was given another tag. */
    SAW,
    /** A fault: its complaint, its cause, its stand on card, its end. */
    FAULT
}
