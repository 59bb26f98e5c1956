package yellowtally.server.faults;

/** Where a fault came from. */
public enum FaultOrigin {
    /** A crew said it when the saw came back. */
    RETURN,
    /** Seen during a visit. */
    VISIT,
    /** A reading asked for it. */
    READING,
    /** A rule asked for it. */
    RULE,
    /** Somebody said it otherwise. */
    PERSON
}
