package yellowtally.core.edge;

import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * Filing the cutters back: past what stone or metal has bitten, or until gauges that are too low are right again (handbook
 * section 4).
 *
 * @param strokes strokes on every cutter
 * @param percentOfLife what they cost of the life of a loop, 0 to 100 (est.)
 * @param endsAtMm length of the shortest cutter after them, mm; {@code null} when no length is known
 * @param scrap whether that passes the wear mark; never while no length is known
 */
public record FileBack(
        int strokes, double percentOfLife, @Nullable Double endsAtMm, boolean scrap) {

    /**
     * Reckons the way back.
     *
     * @param mm how much has to come off every cutter, mm, zero or more
     * @param shortestMm the shortest cutter, mm; {@code null} when none was measured
     * @param removalMm what one stroke takes off, mm, over zero
     * @param loop the loop
     */
    public static FileBack of(double mm, @Nullable Double shortestMm, double removalMm, LoopCutters loop) {
        int strokes = Strokes.toTakeOff(mm, removalMm);
        double off = strokes * removalMm;
        Double ends = shortestMm == null ? null : Double.valueOf(shortestMm - off);
        return new FileBack(strokes, loop.percentOf(off), ends, ends != null && WearMark.passed(ends, loop.markMm()));
    }

    /**
     * The way past what stone or metal has bitten; {@code null} where nothing was, or it was not measured.
     *
     * @param depthMm of the worst cutter, mm, zero or more; zero is none
     * @param shortestMm as for {@link #of}
     * @param removalMm likewise
     */
    public static @Nullable FileBack pastDamage(
            @Nullable Double depthMm, @Nullable Double shortestMm, double removalMm, LoopCutters loop) {
        return depthMm == null || depthMm == 0 ? null : of(depthMm, shortestMm, removalMm, loop);
    }

    /**
     * How much has to come off the cutters until gauges that are too low are right again, mm: filing back lowers the edge along
     * the slope of the top plate (est.), and where the setting grows with the wear it comes to meet it.
     *
     * @param overMm how far the setting lies over its target, mm
     */
    public static double offForGauges(double overMm, boolean progressive, double targetMm, Numbers numbers) {
        double slope = numbers.of(EdgeSetting.TOP_PLATE_SLOPE);
        double meets = progressive ? targetMm / numbers.of(EdgeSetting.GAUGE_DISTANCE) : 0;
        // Half of what is allowed: on the very limit the next stroke of the gauge file is one too many.
        return Math.max(0, overMm - numbers.of(EdgeSetting.GAUGE_LOW) / 2) / (slope + meets);
    }
}
