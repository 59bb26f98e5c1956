package yellowtally.server.worklog;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowtally.core.steps.Step;

/** What was done at the bench since a moment: which steps in which visit, and which saws were finished. */
@Component
public class DoneToday {

    private final EntityManager records;

    DoneToday(EntityManager records) {
        this.records = records;
    }

    private record Done(UUID visitId, Step step) {}

    private record Ended(UUID sawId, Instant at) {}

    /** Steps of each visit that are on record since a moment and stand; what was passed over is none. */
    public Map<UUID, Set<Step>> stepsSince(Instant moment) {
        Map<UUID, Set<Step>> found = new HashMap<>();
        records.createQuery(
                        "select r.visitId, r.step from WorkRecord r where r.at >= :since and r.visitId is not null"
                                + " and r.outcome <> SKIPPED" + Worklog.STANDING,
                        Done.class)
                .setParameter("since", moment)
                .getResultList()
                .forEach(done -> found.computeIfAbsent(done.visitId(), visit -> EnumSet.noneOf(Step.class))
                        .add(done.step()));
        return found;
    }

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
