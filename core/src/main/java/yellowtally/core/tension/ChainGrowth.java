package yellowtally.core.tension;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * How much a loop has grown. Links do not stretch, their joints wear: each turn taken up adds 2 × lead, or a measured play
 * per joint adds 2 × drive links × play, or ten links measure longer than they did (handbook section 3).
 *
 * @param grown by everything that tells it
 * @param mm the largest of them: the careful one counts, everywhere
 * @param leads what tells it
 * @param percent of the loop's length
 * @param travelLeftMm adjuster travel left, mm, never below zero; absent when the saw's travel is not known
 * @param travelLeftPercent the same as a share of the whole travel
 * @param advice what to do with the loop
 * @param reasons what carried the advice, empty when it is fine
 */
public record ChainGrowth(
        Grown grown,
        double mm,
        GrowthSource leads,
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
     * @param grown since new
     * @param travelMm adjuster travel of the saw, mm; {@code null} when not known
     * @param travelUsedMm how far the adjuster stands out, or has moved since this loop was fitted, mm
     */
    public static ChainGrowth of(
            double loopLengthMm, Grown grown, @Nullable Double travelMm, double travelUsedMm, Numbers settings) {
        double mm = grown.mm();
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
        return new ChainGrowth(grown, mm, grown.leads(), percent, left, leftPercent, advice, List.copyOf(reasons));
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
