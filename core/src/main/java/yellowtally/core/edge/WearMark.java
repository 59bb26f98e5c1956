package yellowtally.core.edge;

/** Whether a cutter is past its mark (handbook section 4). */
public final class WearMark {

    private WearMark() {}

    /**
     * Whether the loop is worn out.
     *
     * @param shortestMm length of the shortest cutter, mm
     * @param markMm length at the mark of this loop, mm
     */
    public static boolean passed(double shortestMm, double markMm) {
        return shortestMm <= markMm;
    }
}
