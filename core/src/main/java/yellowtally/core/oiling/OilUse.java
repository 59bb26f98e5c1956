package yellowtally.core.oiling;

import java.time.Instant;

/**
 * What one outing used.
 *
 * @param at when it ended
 * @param tanks of fuel, charges or run hours, zero or more
 * @param oilTanks of bar oil, zero or more
 */
public record OilUse(Instant at, double tanks, double oilTanks) {

    /** Tanks of oil for each of fuel; zero when nothing was burned. */
    public double ratio() {
        return tanks <= 0 ? 0 : oilTanks / tanks;
    }
}
