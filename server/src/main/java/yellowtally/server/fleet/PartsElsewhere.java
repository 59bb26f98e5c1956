package yellowtally.server.fleet;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Parts that a mechanic or dealer has, or had; answered by the room that keeps it. */
public interface PartsElsewhere {

    /**
     * Somebody has a part.
     *
     * @param tag of the part
     * @param expectedOn when it is expected back; {@code null} while nobody said
     * @param counted whether the plan counts on that
     */
    record Elsewhere(String tag, String who, @Nullable LocalDate expectedOn, boolean counted) {}

    /**
     * All of them.
     *
     * @param away by the id of the part
     * @param unseen parts on the shelf that are back, and that nobody here has looked at since
     */
    record Now(Map<UUID, Elsewhere> away, Set<UUID> unseen) {

        public Now {
            away = Map.copyOf(away);
            unseen = Set.copyOf(unseen);
        }
    }

    /** As it is now. */
    Now now();

    /** Who has this part; empty when it is here. */
    Optional<String> who(UUID partId);
}
