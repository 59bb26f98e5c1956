package yellowtally.core.edge;

import yellowtally.core.settings.Numbers;

/**
 * How far the two sides of a loop are apart by all that is on record: what was measured last, and the strokes that one side got
 * more than the other since (handbook section 4).
 *
 * @param measuredMm mean left less mean right as measured last, mm; zero for a loop that was brought to one length or never
 *     measured
 * @param filedMm how much the strokes since have moved that, mm (est.): below zero when the left side got more
 * @param spreadMm longest less shortest of the more uneven side as measured last, mm; zero once all were brought to one length
 */
public record SidesOfLoop(double measuredMm, double filedMm, double spreadMm) {

    /** New, or brought to one length. */
    public static final SidesOfLoop EVEN = new SidesOfLoop(0, 0, 0);

    /** Left less right now, mm (est. where strokes went uneven since they were measured). */
    public double leftLessRightMm() {
        return measuredMm + filedMm;
    }

    /** Both sides measured: what was reckoned before counts no more. */
    public SidesOfLoop measured(double leftMm, double rightMm, double spread) {
        return new SidesOfLoop(leftMm - rightMm, 0, spread);
    }

    /** The same number on both sides wipes nothing out of what one side got more before. */
    public SidesOfLoop filed(double strokesLeft, double strokesRight, double removalMm) {
        return new SidesOfLoop(measuredMm, filedMm - (strokesLeft - strokesRight) * removalMm, spreadMm);
    }

    /** Whether strokes have led the sides so far apart that both should be measured before the saw cuts a curve. */
    public boolean wantMeasuring(Numbers numbers) {
        return Math.abs(filedMm) > 1e-9 && Math.abs(leftLessRightMm()) > numbers.of(EdgeSetting.BALANCE_CURVE) + 1e-9;
    }
}
