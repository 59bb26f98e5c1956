package yellowtally.core.waiting;

/** Where a saw stands as far as its own condition goes (handbook section 11), best first. */
public enum FitState {
    FIT,
    /** Usable, work waits. */
    DUE,
    /** Must not be used. */
    HELD
}
