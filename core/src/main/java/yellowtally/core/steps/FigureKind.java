package yellowtally.core.steps;

/** What a figure counts. */
public enum FigureKind {
    /** Millimetres. */
    LENGTH,
    COUNT,
    DAYS,
    PERCENT,
    /** Degrees Celsius. */
    CELSIUS,
    /** Turns of a screw, in positive, out negative or the other way round as the step says. */
    TURNS
}
