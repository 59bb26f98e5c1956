package yellowtally.core.oiling;

import java.util.List;
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
        ESTIMATE
    }

    /** A learned figure never goes further from the estimate than by this factor either way: an oiler may fail slowly. */
    private static final double FARTHEST = 2;

    /**
     * What is usual for a saw.
     *
     * @param proven what it used before its last passing oil card, any order
     */
    public static OilUsual of(Power power, List<OilUse> proven, Numbers numbers) {
        if (power == Power.PETROL) {
            return new OilUsual(1, UsualSource.GIVEN);
        }
        double estimate = numbers.of(power == Power.BATTERY ? OilingSetting.PER_CHARGE : OilingSetting.PER_HOUR);
        double used = proven.stream().mapToDouble(OilUse::tanks).sum();
        if (used < numbers.of(OilingSetting.LEARN) - 1e-9) {
            return new OilUsual(estimate, UsualSource.ESTIMATE);
        }
        double learned = proven.stream().mapToDouble(OilUse::oilTanks).sum() / used;
        return new OilUsual(Math.max(estimate / FARTHEST, Math.min(estimate * FARTHEST, learned)), UsualSource.LEARNED);
    }
}
