package yellowtally.core.cuttingset;

/**
 * What a bar asks for.
 *
 * @param lengthMm nominal cutting length in mm, see {@link #MIN_LENGTH_MM} and {@link #MAX_LENGTH_MM}
 * @param pitch pitch of its nose sprocket; for a solid nose the pitch for which its drive-link count holds
 * @param gauge groove width
 * @param driveLinks how many drive links its loop must have
 * @param nose kind of nose
 */
public record BarSpec(double lengthMm, Pitch pitch, Gauge gauge, int driveLinks, NoseKind nose) {

    /** Shortest bar that is made, 6 in. */
    public static final double MIN_LENGTH_MM = 6 * 25.4;
    /** Longest bar that a hand-held saw takes, 60 in. */
    public static final double MAX_LENGTH_MM = 60 * 25.4;

    public BarSpec {
        if (!(lengthMm >= MIN_LENGTH_MM && lengthMm <= MAX_LENGTH_MM)) {
            throw new IllegalArgumentException("bar length outside 152 to 1524 mm: " + lengthMm);
        }
        LoopSpec.requireDriveLinks(driveLinks);
    }
}
