package yellowtally.core.oiling;

import org.jspecify.annotations.Nullable;

/**
 * What was filled while a saw was out, refuel by refuel (handbook section 7).
 *
 * @param tanks of fuel filled, zero or more
 * @param told at how many of them somebody looked at the oil
 * @param oilTanks of bar oil filled at those; {@code null} when nobody looked
 */
public record FilledOut(long tanks, long told, @Nullable Double oilTanks) {

    /** Nothing was logged. */
    public static final FilledOut NONE = new FilledOut(0, 0, null);

    /** The most oil that can have gone into a saw, tanks: as much again as of fuel, and one tank to top it up. */
    public static double mostOil(double burned) {
        return 2 * Math.max(1, burned) + 1;
    }

    /** Whether so many tanks can have been burned: a tank that was filled was begun at least. */
    public boolean fits(double burned) {
        return tanks <= Math.ceil(burned);
    }

    /** The least oil that was filled in all, tanks: that of the refuels alone. */
    public double leastOil() {
        return oilTanks == null ? 0 : oilTanks;
    }

    /** Whether so much oil can have been filled in all. */
    public boolean fitsOil(double oil) {
        return oil >= leastOil() - 1e-9;
    }

    /** Whether the oil of every tank is known: a tank at which nobody looked is none without oil. */
    public boolean tellsAll() {
        return tanks > 0 && told == tanks;
    }

    /**
     * The oil of a whole outing, tanks; {@code null} unless every tank burned was logged and somebody looked at the oil of each.
     *
     * @param burned tanks of fuel
     */
    public @Nullable Double oilOf(double burned) {
        return tellsAll() && burned <= tanks ? oilTanks : null;
    }
}
