package yellowtally.core.tension;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * How much a loop has grown. Links do not stretch, their joints wear: each turn taken up adds 2 × lead, or a measured play
 * per joint adds 2 × drive links × play (handbook section 3).
 *
 * @param fromTurnsMm growth by the turns taken up, mm, never below zero
 * @param fromPlayMm growth by the joint play measured last, mm; absent when never measured
 * @param mm the larger of both: the careful one counts
 * @param percent of the loop's length
 * @param travelLeftMm adjuster travel left, mm, never below zero; absent when the saw's travel is not known
 * @param travelLeftPercent the same as a share of the whole travel
 * @param advice what to do with the loop
 * @param reasons what carried the advice, empty when it is fine
 */
public record ChainGrowth(
        double fromTurnsMm,
        @Nullable Double fromPlayMm,
        double mm,
        double percent,
        @Nullable Double travelLeftMm,
        @Nullable Double travelLeftPercent,
        Advice advice,
        List<Reason> reasons) {

    /** What to do with a loop that has grown so far. */
    public enum Advice {
        FINE,
        WATCH,
        RETIRE
    }

    /** What carried an advice. */
    public enum Reason {
        GROWN_TO_WATCH,
        GROWN_TO_LIMIT,
        TRAVEL_NEARLY_USED
    }

    /**
     * Computes growth.
     *
     * @param loopLengthMm length of the loop when new, over zero
     * @param driveLinks drive links of the loop
     * @param takenUpMm bar movement taken up as wear since new (turns × lead, in minus out), mm
     * @param playPerJointMm measured play per joint, mm; {@code null} when not measured
     * @param travelMm adjuster travel of the saw, mm; {@code null} when not known
     * @param travelUsedMm bar movement since this loop was fitted, first tensioning included, mm
     */
    public static ChainGrowth of(
            double loopLengthMm,
            int driveLinks,
            double takenUpMm,
            @Nullable Double playPerJointMm,
            @Nullable Double travelMm,
            double travelUsedMm,
            Numbers settings) {
        double fromTurns = Math.max(0, 2 * takenUpMm);
        Double fromPlay = playPerJointMm == null ? null : 2 * driveLinks * playPerJointMm;
        double mm = fromPlay == null ? fromTurns : Math.max(fromTurns, fromPlay);
        double percent = 100 * mm / loopLengthMm;
        Double left = travelMm == null ? null : Math.max(0, travelMm - Math.max(0, travelUsedMm));
        Double leftPercent = left == null || travelMm == null ? null : 100 * left / travelMm;

        List<Reason> reasons = new ArrayList<>();
        Advice advice = Advice.FINE;
        if (percent >= settings.of(TensionSetting.GROWTH_RETIRE)) {
            reasons.add(Reason.GROWN_TO_LIMIT);
            advice = Advice.RETIRE;
        } else if (percent >= settings.of(TensionSetting.GROWTH_WATCH)) {
            reasons.add(Reason.GROWN_TO_WATCH);
            advice = Advice.WATCH;
        }
        if (leftPercent != null && leftPercent < settings.of(TensionSetting.TRAVEL_RETIRE)) {
            reasons.add(Reason.TRAVEL_NEARLY_USED);
            advice = Advice.RETIRE;
        }
        return new ChainGrowth(fromTurns, fromPlay, mm, percent, left, leftPercent, advice, List.copyOf(reasons));
    }

    /** Growth in mm from which a loop of this length is watched. */
    public static double watchMm(double loopLengthMm, Numbers settings) {
        return loopLengthMm * settings.of(TensionSetting.GROWTH_WATCH) / 100;
    }

    /** Growth in mm at which a loop of this length is retired. */
    public static double retireMm(double loopLengthMm, Numbers settings) {
        return loopLengthMm * settings.of(TensionSetting.GROWTH_RETIRE) / 100;
    }
}
