package yellowtally.server.worklog;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Which saws were finished at the bench since a moment. */
@Component
public class DoneToday {

    private final EntityManager records;

    DoneToday(EntityManager records) {
        this.records = records;
    }

    private record Ended(UUID sawId, Instant at) {}

    /** When each saw was hung back last after a visit, of those since a moment. */
    public Map<UUID, Instant> endedSince(Instant moment) {
        List<Ended> ended = records.createQuery(
                        "select v.sawId, max(v.endedAt) from Visit v where v.endedAt >= :since and v.struckAt is null"
                                + " group by v.sawId",
                        Ended.class)
                .setParameter("since", moment)
                .getResultList();
        Map<UUID, Instant> found = new HashMap<>();
        ended.forEach(one -> found.put(one.sawId(), one.at()));
        return found;
    }
}
