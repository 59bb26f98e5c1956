package yellowtally.server.log;

/** What kind of thing happened. */
enum LogKind {
    STEP,
    OUT,
    BACK,
    FITTED,
    HELD,
    RELEASED,
    VISIT_ENDED,
    /** A fault: its complaint, its cause, its stand on card, its end. */
    FAULT
}
