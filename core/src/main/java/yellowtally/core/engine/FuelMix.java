package yellowtally.core.engine;

/** The oil that goes into two-stroke fuel (handbook section 9). */
public final class FuelMix {

    private FuelMix() {}

    /**
     * Oil for an amount of fuel.
     *
     * @param fuelMl fuel, mL, zero or more
     * @param ratio parts of fuel to one of oil, such as 50; more than zero
     * @return oil, mL
     * @throws IllegalArgumentException when the ratio is zero or less
     */
    public static double oilMl(double fuelMl, int ratio) {
        if (ratio <= 0) {
            throw new IllegalArgumentException("ratio " + ratio);
        }
        return fuelMl / ratio;
    }
}
