package yellowtally.core.edge;

/** Counting strokes of the file (handbook section 4). */
final class Strokes {

    private static final double ROUNDING = 1e-6;

    private Strokes() {}

    /** Whole strokes that take off at least this much; a difference within the last digit of a caliper takes none. */
    static int toTakeOff(double mm, double removalMm) {
        if (!(removalMm > 0)) {
            throw new IllegalArgumentException("a stroke takes something off: " + removalMm);
        }
        return (int) Math.max(0, Math.ceil(mm / removalMm - ROUNDING));
    }
}
