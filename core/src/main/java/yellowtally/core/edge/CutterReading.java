package yellowtally.core.edge;

import java.util.Optional;
import yellowtally.core.settings.Numbers;

/** Whether a length can be that of a cutter of this loop. */
public final class CutterReading {

    /** Shorter than this nothing is left of a cutter. */
    public static final double LEAST_MM = 0.5;

    private CutterReading() {}

    /**
     * Why a reading is refused; empty when it can be.
     *
     * @param place from the start cutter, 0 and up
     * @param mm top plate, mm
     * @param cuttersOfLoop how many the loop has
     */
    public static Optional<PlanRefusal> refusal(int place, double mm, int cuttersOfLoop, LoopCutters known) {
        if (place < 0 || place >= cuttersOfLoop) {
            return Optional.of(new PlanRefusal(PlanRefusal.Reason.NO_SUCH_CUTTER, place));
        }
        if (!(mm >= LEAST_MM)) {
            return Optional.of(new PlanRefusal(PlanRefusal.Reason.IMPOSSIBLE, place));
        }
        return mm > known.longestMm() + 1e-9
                ? Optional.of(new PlanRefusal(PlanRefusal.Reason.LONGER_THAN_NEW, place))
                : Optional.empty();
    }

    /** Whether a length after filing cannot be: a file adds nothing. */
    public static boolean grown(double beforeMm, double afterMm, Numbers numbers) {
        return afterMm > beforeMm + numbers.of(EdgeSetting.CALIPER);
    }
}
