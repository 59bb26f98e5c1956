package yellowtally.server.usage;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.oiling.FilledOut;

/** What was logged while a saw is out. */
record Refuelled(UUID outingId, FilledOut filled) {

    /** As the database sums it up. */
    Refuelled(UUID outingId, Long tanks, Long oilTold, @Nullable Double oilTanks) {
        this(outingId, new FilledOut(tanks, oilTold, oilTanks));
    }

    /** Nothing logged. */
    static Refuelled none(UUID outingId) {
        return new Refuelled(outingId, 0L, 0L, null);
    }
}
