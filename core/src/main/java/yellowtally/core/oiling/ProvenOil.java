package yellowtally.core.oiling;

import java.util.List;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Power;

/**
 * Bar oil that was used before passing oil cards: by a saw that oiled well, whatever the figure (handbook section 7).
 *
 * @param tanks of fuel, charges or run hours, zero or more
 * @param oilTanks of bar oil, zero or more
 */
public record ProvenOil(double tanks, double oilTanks) {

    /** Nothing proven. */
    public static final ProvenOil NONE = new ProvenOil(0, 0);

    /**
     * Of outings that a passing card followed. One that used less than would hold the most sparing saw there is ran dry: the card
     * passed after it was mended, and it proves nothing.
     *
     * @param power of the saw; what burns fuel is given its use, and proves none
     */
    public static ProvenOil of(List<OilUse> uses, Power power, Numbers numbers) {
        if (power == Power.PETROL) {
            return NONE;
        }
        double dry = numbers.of(OilingSetting.NONE_UNDER) * OilUsual.least(power, numbers) - 1e-9;
        List<OilUse> oiled = uses.stream().filter(use -> use.ratio() >= dry).toList();
        return new ProvenOil(
                oiled.stream().mapToDouble(OilUse::tanks).sum(),
                oiled.stream().mapToDouble(OilUse::oilTanks).sum());
    }

    /** Both together. */
    public ProvenOil plus(ProvenOil other) {
        return new ProvenOil(tanks + other.tanks, oilTanks + other.oilTanks);
    }
}
