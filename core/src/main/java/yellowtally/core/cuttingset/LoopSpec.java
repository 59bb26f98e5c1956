package yellowtally.core.cuttingset;

/**
 * A chain loop.
 *
 * @param pitch pitch of the chain
 * @param gauge thickness of the drive links
 * @param driveLinks count, {@link #MIN_DRIVE_LINKS} to {@link #MAX_DRIVE_LINKS}
 */
public record LoopSpec(Pitch pitch, Gauge gauge, int driveLinks) {

    public static final int MIN_DRIVE_LINKS = 20;
    public static final int MAX_DRIVE_LINKS = 250;

    public LoopSpec {
        requireDriveLinks(driveLinks);
    }

    /** Length of the loop in mm: drive links × 2 × pitch (handbook section 2). */
    public double lengthMm() {
        return driveLinks * 2 * pitch.mm();
    }

    /** As the trade says it: pitch, gauge and drive links. */
    public String words() {
        return pitch.label() + " " + gauge.label() + ", " + driveLinks + " drive links";
    }

    static void requireDriveLinks(int driveLinks) {
        if (driveLinks < MIN_DRIVE_LINKS || driveLinks > MAX_DRIVE_LINKS) {
            throw new IllegalArgumentException("drive links outside 20 to 250: " + driveLinks);
        }
    }
}
