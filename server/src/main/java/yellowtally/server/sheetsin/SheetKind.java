package yellowtally.server.sheetsin;

/** What a sheet holds. In this order each finds what it names: work names saws, saws name parts. */
enum SheetKind {
    PEOPLE(1_000, false),
    CREWS(1_000, false),
    STOCK(2_000, false),
    PARTS(5_000, false),
    SAWS(2_000, true),
    WORK(SheetFile.MOST_LINES, true),
    READINGS(SheetFile.MOST_LINES, true),
    USE(SheetFile.MOST_LINES, true);

    private final int most;
    private final boolean touchesSaws;

    SheetKind(int most, boolean touchesSaws) {
        this.most = most;
        this.touchesSaws = touchesSaws;
    }

    /** So many lines of it at once. */
    int most() {
        return most;
    }

    /** Whether some saw stands otherwise when it is in. */
    boolean touchesSaws() {
        return touchesSaws;
    }
}
