package yellowtally.core.edge;

import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.settings.Numbers;

/**
 * What is known of the cutter lengths of a loop.
 *
 * @param newMm length when new, mm
 * @param newKnown whether that was measured on this loop; else it is an estimate by its pitch
 * @param latestMm shortest healthy cutter as measured last, mm; {@code null} when never measured
 * @param markMm length at the wear mark, mm
 * @param spareMm by how much a cutter may measure more than {@code newMm}, mm
 */
public record LoopCutters(
        double newMm, boolean newKnown, @Nullable Double latestMm, double markMm, double spareMm) {

    /**
     * What is known of a loop.
     *
     * @param newMm {@code null} when not measured: the estimate of the pitch holds
     * @param markMm {@code null} when its maker marks none: that of an unmarked loop holds
     * @param latestMm {@code null} when never measured
     */
    public static LoopCutters of(
            Pitch pitch, @Nullable Double newMm, @Nullable Double markMm, @Nullable Double latestMm, Numbers numbers) {
        double length = newMm == null ? numbers.of(EdgeSetting.newLengthOf(pitch)) : newMm;
        double spare = numbers.of(newMm == null ? EdgeSetting.MAKERS_DIFFER : EdgeSetting.CALIPER);
        return new LoopCutters(
                length, newMm != null, latestMm, markMm == null ? numbers.of(EdgeSetting.WEAR_MARK) : markMm, spare);
    }

    /** Longest cutter that can be: more is a slip of the caliper. */
    public double longestMm() {
        return newMm + spareMm;
    }

    /** What was filed off since new, mm, never below zero; zero while nothing was measured. */
    public double wearMm() {
        return latestMm == null ? 0 : Math.max(0, newMm - latestMm);
    }

    /** What filing off so much costs, percent of a whole life; never more than a whole one. */
    public double percentOf(double mm) {
        return Math.min(100, 100 * mm / Math.max(0.1, newMm - markMm));
    }

    /** Life left, percent: 100 when new, 0 at the wear mark (handbook section 4). */
    public double percentLeft() {
        if (latestMm == null) {
            return 100;
        }
        double share = (latestMm - markMm) / Math.max(0.1, newMm - markMm);
        return 100 * Math.max(0, Math.min(1, share));
    }
}
