package yellowtally.core.edge;

import yellowtally.core.settings.Numbers;

/**
 * Whether a loop that ran on stone or metal can be filed back (handbook section 4).
 *
 * @param strokes strokes on the damaged cutter
 * @param endsAtMm its length after them, mm
 * @param scrap whether that passes the wear mark
 */
public record FileBack(int strokes, double endsAtMm, boolean scrap) {

    /**
     * Reckons the way back.
     *
     * @param depthMm how deep the damage goes, mm, zero or more
     * @param lengthMm length of the damaged cutter, mm
     * @param removalMm what one stroke takes off, mm, over zero
     */
    public static FileBack of(double depthMm, double lengthMm, double removalMm, Numbers numbers) {
        int strokes = Strokes.toTakeOff(depthMm, removalMm);
        double ends = lengthMm - strokes * removalMm;
        return new FileBack(strokes, ends, WearMark.passed(ends, numbers));
    }
}
