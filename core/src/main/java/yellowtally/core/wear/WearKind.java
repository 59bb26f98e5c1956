package yellowtally.core.wear;

/** What wears and is measured, and which way the readings go. */
public enum WearKind {
    /** Growth of a loop, mm. */
    GROWTH(true),
    /** Length of the shortest healthy cutter, mm. */
    CUTTER(false),
    /** Groove clearance of a bar, mm. */
    GROOVE(false),
    /** Wear groove across the teeth of a sprocket, mm. */
    SPROCKET(true);

    private final boolean rising;

    WearKind(boolean rising) {
        this.rising = rising;
    }

    /** Whether readings rise as the part wears. */
    public boolean rising() {
        return rising;
    }
}
