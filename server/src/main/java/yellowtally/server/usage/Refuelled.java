package yellowtally.server.usage;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was logged while a saw is out.
 *
 * @param tanks of fuel filled
 * @param oilTold at how many of them somebody looked at the oil
 * @param oilTanks of bar oil filled at those; {@code null} when nobody looked
 */
record Refuelled(
        UUID outingId, long tanks, long oilTold, @Nullable Double oilTanks) {

    /** Whether the oil of every tank is known: a tank at which nobody looked is none without oil. */
    boolean tellsAll() {
        return tanks > 0 && oilTold == tanks;
    }

    /** Nothing logged. */
    static Refuelled none(UUID outingId) {
        return new Refuelled(outingId, 0, 0, null);
    }
}
