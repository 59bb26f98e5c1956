package yellowtally.core.oiling;

import java.util.List;

/**
 * Bar oil that was used before passing oil cards: by a saw that oiled well, whatever the figure (handbook section 7).
 *
 * @param tanks of fuel, charges or run hours, zero or more
 * @param oilTanks of bar oil, zero or more
 */
public record ProvenOil(double tanks, double oilTanks) {

    /** Nothing proven. */
    public static final ProvenOil NONE = new ProvenOil(0, 0);

    /** Of outings that a passing card followed. */
    public static ProvenOil of(List<OilUse> uses) {
        return new ProvenOil(
                uses.stream().mapToDouble(OilUse::tanks).sum(),
                uses.stream().mapToDouble(OilUse::oilTanks).sum());
    }

    /** Both together. */
    public ProvenOil plus(ProvenOil other) {
        return new ProvenOil(tanks + other.tanks, oilTanks + other.oilTanks);
    }
}
