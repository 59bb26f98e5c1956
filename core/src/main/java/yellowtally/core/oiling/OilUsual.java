package yellowtally.core.oiling;

import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Power;

/**
 * How much bar oil a saw is to use: a tank beside each of fuel, or so much for a battery charge or a run hour (handbook section
 * 7). The limits are shares of it.
 *
 * @param perTank tanks of oil for each tank of fuel, charge or run hour, over zero
 * @param source how sure it is
 */
public record OilUsual(double perTank, UsualSource source) {

    /** Where it comes from. */
    public enum UsualSource {
        /** Both tanks are filled together: what the maker made them for. */
        GIVEN,
        /** From what this saw used while its oil cards passed. */
        LEARNED,
        /** From what saws of its model used while theirs passed. */
        MODEL,
        ESTIMATE
    }

    /** A tank of oil beside each of fuel. */
    public static final OilUsual TOGETHER = new OilUsual(1, UsualSource.GIVEN);

    /** A learned figure never goes further from the estimate than by this factor either way: an oiler may fail slowly. */
    private static final double FARTHEST = 2;

    /**
     * What is usual for a saw: its own use before that of its model, and that before the estimate.
     *
     * @param own what it used itself
     * @param ofModel what saws of its model used together
     */
    public static OilUsual of(Power power, ProvenOil own, ProvenOil ofModel, Numbers numbers) {
        if (power == Power.PETROL) {
            return TOGETHER;
        }
        double estimate = estimate(power, numbers);
        double enough = numbers.of(OilingSetting.LEARN) - 1e-9;
        if (own.tanks() >= enough) {
            return learned(own, estimate, UsualSource.LEARNED);
        }
        return ofModel.tanks() >= enough
                ? learned(ofModel, estimate, UsualSource.MODEL)
                : new OilUsual(estimate, UsualSource.ESTIMATE);
    }

    /** The least that can be usual, tanks of oil for each charge or run hour: no learned figure lies under it. */
    static double least(Power power, Numbers numbers) {
        return estimate(power, numbers) / FARTHEST;
    }

    private static double estimate(Power power, Numbers numbers) {
        return numbers.of(power == Power.BATTERY ? OilingSetting.PER_CHARGE : OilingSetting.PER_HOUR);
    }

    private static OilUsual learned(ProvenOil from, double estimate, UsualSource source) {
        double perTank = from.oilTanks() / from.tanks();
        return new OilUsual(Math.max(estimate / FARTHEST, Math.min(estimate * FARTHEST, perTank)), source);
    }
}
