package yellowtally.server.worklog;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.minutes.BenchRecord;
import yellowtally.core.minutes.VisitTimes;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Step;

/** When each step of a visit was recorded, from which follows what the visit took. */
@Component
public class BenchTimes {

    private final EntityManager records;

    BenchTimes(EntityManager records) {
        this.records = records;
    }

    /**
     * A visit and the moments of its standing records.
     *
     * @param endedAt absent while it is open
     * @param records in no order
     */
    public record Timed(
            UUID id,
            UUID sawId,
            Instant startedAt,
            @Nullable Instant endedAt,
            List<BenchRecord> records) {

        /** What it took. */
        public VisitTimes times(Numbers numbers) {
            return VisitTimes.of(startedAt, records, numbers);
        }
    }

    private record Head(
            UUID id,
            UUID sawId,
            Instant startedAt,
            @Nullable Instant endedAt) {}

    private record Moment(UUID visitId, Step step, Instant at, WorkOutcome outcome) {}

    /** The visits that ended last, so many at most, the newest first; struck ones are not among them. */
    public List<Timed> latest(int most) {
        List<Head> heads = records.createQuery(
                        "select v.id, v.sawId, v.startedAt, v.endedAt from Visit v where v.endedAt is not null"
                                + " and v.struckAt is null order by v.endedAt desc, v.id",
                        Head.class)
                .setMaxResults(most)
                .getResultList();
        return timed(heads, Instant.EPOCH);
    }

    /** One visit. */
    public Timed of(Visit visit) {
        return timed(List.of(new Head(visit.id(), visit.sawId(), visit.startedAt(), visit.endedAt())), Instant.EPOCH)
                .get(0);
    }

    /** Visits with records since a moment, and these records of them; by when they were begun. */
    public List<Timed> since(Instant moment) {
        return timed(
                records.createQuery(
                                "select v.id, v.sawId, v.startedAt, v.endedAt from Visit v where v.struckAt is null"
                                        + " and exists (select 1 from WorkRecord r where r.visitId = v.id"
                                        + " and r.at >= :since" + Worklog.STANDING + ") order by v.startedAt, v.id",
                                Head.class)
                        .setParameter("since", moment)
                        .getResultList(),
                moment);
    }

    private List<Timed> timed(List<Head> heads, Instant since) {
        Map<UUID, List<BenchRecord>> found = new HashMap<>();
        heads.forEach(head -> found.put(head.id(), new ArrayList<>()));
        records.createQuery(
                        "select r.visitId, r.step, r.at, r.outcome from WorkRecord r where r.visitId in :visits"
                                + " and r.at >= :since" + Worklog.STANDING,
                        Moment.class)
                .setParameter("visits", found.keySet())
                .setParameter("since", since)
                .getResultList()
                .forEach(moment -> found.getOrDefault(moment.visitId(), new ArrayList<>())
                        .add(new BenchRecord(moment.step(), moment.at(), moment.outcome() != WorkOutcome.SKIPPED)));
        return heads.stream()
                .map(head -> new Timed(
                        head.id(),
                        head.sawId(),
                        head.startedAt(),
                        head.endedAt(),
                        found.getOrDefault(head.id(), List.of())))
                .toList();
    }
}
