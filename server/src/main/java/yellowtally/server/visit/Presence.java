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

    private static final int MOST_SEATS = 20;

    private final Map<UUID, Map<Seat, Instant>> seen = new ConcurrentHashMap<>();
    private final Clock clock;

    Presence(Clock clock) {
        this.clock = clock;
    }

    /** A person at a device. */
    record Seat(UUID personId, UUID deviceId) {}

    /**
     * Notes that somebody looks at a visit; answers who else does. What has faded is forgotten for all visits, and of those who look
     * at once no more are kept than look at one saw: it cannot grow.
     *
     * @param visitId a visit that is open
     */
    List<UUID> others(UUID visitId, Seat own) {
        Instant faded = clock.instant().minus(FADES_AFTER);
        seen.values().forEach(seats -> seats.values().removeIf(at -> at.isBefore(faded)));
        seen.values().removeIf(Map::isEmpty);
        Map<Seat, Instant> seats = seen.computeIfAbsent(visitId, id -> new ConcurrentHashMap<>());
        if (seats.size() < MOST_SEATS || seats.containsKey(own)) {
            seats.put(own, clock.instant());
        }
        return seats.keySet().stream()
                .filter(seat -> !seat.deviceId().equals(own.deviceId()))
                .map(Seat::personId)
                .distinct()
                .toList();
    }

    /** Forgets a visit that has ended. */
    void ended(UUID visitId) {
        seen.remove(visitId);
    }
}
