package yellowtally.server.visit;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Who has a visit open on a screen just now. Kept in memory only: it is true for a minute and no record. */
@Component
class Presence {

    private static final Duration FADES_AFTER = Duration.ofSeconds(45);

    private final Map<UUID, Map<Seat, Instant>> seen = new ConcurrentHashMap<>();
    private final Clock clock;

    Presence(Clock clock) {
        this.clock = clock;
    }

    /** A person at a device. */
    record Seat(UUID personId, String device) {}

    /** Notes that somebody looks at a visit; answers who else does. */
    List<UUID> others(UUID visitId, Seat own) {
        Instant now = clock.instant();
        Map<Seat, Instant> seats = seen.computeIfAbsent(visitId, id -> new ConcurrentHashMap<>());
        seats.put(own, now);
        seats.values().removeIf(at -> at.isBefore(now.minus(FADES_AFTER)));
        return seats.keySet().stream()
                .filter(seat -> !seat.device().equals(own.device()))
                .map(Seat::personId)
                .distinct()
                .toList();
    }

    /** Forgets a visit that has ended. */
    void ended(UUID visitId) {
        seen.remove(visitId);
    }
}
