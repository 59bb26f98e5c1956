package yellowtally.core.schedule;

/** What tasks belong together on the board. */
public enum Family {
    TENSION,
    EDGE,
    BAR,
    OILING,
    BRAKE,
    ENGINE
}
