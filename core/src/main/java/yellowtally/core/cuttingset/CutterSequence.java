package yellowtally.core.cuttingset;

/** How close the cutters of a loop follow each other. */
public enum CutterSequence {
    STANDARD(2),
    HALF_SKIP(2.5),
    SKIP(3);

    private final double driveLinksPerCutter;

    CutterSequence(double driveLinksPerCutter) {
        this.driveLinksPerCutter = driveLinksPerCutter;
    }

    /** Cutters of a loop, left and right together (general practice). */
    public int cutters(int driveLinks) {
        return (int) Math.round(driveLinks / driveLinksPerCutter);
    }
}
