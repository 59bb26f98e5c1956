package yellowtally.core.engine;

/**
 * The oil that goes into two-stroke fuel (handbook section 9).
 *
 * @param fuelMl fuel, mL
 * @param oilMl oil, mL
 * @param oil the same in the unit in which it is measured out: mL beside litres, US fl oz beside US gallons
 */
public record FuelMix(double fuelMl, double oilMl, double oil) {

    /** Ratios that occur: 25:1 for old engines to 100:1; beyond these something was typed wrong. */
    public static final int LEAST_RATIO = 10;

    public static final int MOST_RATIO = 200;

    /** The most fuel that is mixed at once, mL: a drum. */
    public static final double MOST_ML = 200_000;

    /**
     * The mix for any amount.
     *
     * @param amount of fuel in its unit, over zero up to {@link #MOST_ML}
     * @param ratio parts of fuel to one of oil, {@link #LEAST_RATIO} to {@link #MOST_RATIO}
     * @throws IllegalArgumentException outside these
     */
    public static FuelMix of(double amount, FuelUnit unit, int ratio) {
        double fuelMl = unit.toMl(amount);
        if (!(fuelMl > 0 && fuelMl <= MOST_ML)) {
            throw new IllegalArgumentException("amount " + amount);
        }
        if (ratio < LEAST_RATIO || ratio > MOST_RATIO) {
            throw new IllegalArgumentException("ratio " + ratio);
        }
        double oilMl = oilMl(fuelMl, ratio);
        return new FuelMix(fuelMl, oilMl, unit.oil(oilMl));
    }

    /**
     * The oil in a mix that was made.
     *
     * @param fuelMl fuel, mL
     * @param ratio parts of fuel to one of oil, over zero
     * @return oil, mL
     */
    public static double oilMl(double fuelMl, int ratio) {
        return fuelMl / ratio;
    }
}
