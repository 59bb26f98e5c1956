package yellowtally.core.diagnosis;

/** Where the hand goes in a check: the part that a drawing of the saw marks. */
public enum PointsAt {
    GUARD,
    BRAKE,
    COVER,
    BAR,
    NOSE,
    CHAIN,
    SPROCKET,
    TOP,
    MUFFLER,
    STARTER,
    TANKS,
    HANDLE,
    ALL
}
