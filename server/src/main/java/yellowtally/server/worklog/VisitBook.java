package yellowtally.server.worklog;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.PlannedStep;
import yellowtally.core.visit.VisitEvent;
import yellowtally.core.visit.VisitStory;
import yellowtally.server.support.FleetRevision;

/** Keeps visits and reads what their records tell. Runs within the caller's transaction. */
@Component
public class VisitBook {

    private final EntityManager records;
    private final FleetRevision revision;

    VisitBook(EntityManager records, FleetRevision revision) {
        this.records = records;
        this.revision = revision;
    }

    /** Begins a visit. */
    public void begin(Visit visit, Collection<PlannedStep> plan) {
        records.persist(visit);
        putIn(visit, plan, null, visit.startedAt());
    }

    /**
     * Puts steps into a visit.
     *
     * @param by the record that called for them; absent when none did
     */
    public void putIn(Visit visit, Collection<PlannedStep> steps, @Nullable UUID by, Instant at) {
        steps.forEach(planned -> records.persist(new VisitEventRow(visit.id(), planned, by, at)));
        revision.touches(visit.sawId());
    }

    /** The saw of a visit, asked for without the visit itself. */
    public Optional<UUID> sawOf(UUID id) {
        return records.createQuery("select v.sawId from Visit v where v.id = :id", UUID.class)
                .setParameter("id", id)
                .getResultStream()
                .findFirst();
    }

    /** A visit as the database holds it now, whatever the session remembers. */
    public Visit findNow(UUID id) {
        Visit visit = records.find(Visit.class, id);
        records.refresh(visit);
        return visit;
    }

    public Optional<Visit> find(UUID id) {
        return Optional.ofNullable(records.find(Visit.class, id));
    }

    /** The visit that took the place of a struck one. */
    public Optional<UUID> insteadOf(UUID struck) {
        return records.createQuery("select v.id from Visit v where v.amendsId = :struck", UUID.class)
                .setParameter("struck", struck)
                .getResultStream()
                .findFirst();
    }

    /** The visit that a saw lies on the bench for. */
    public Optional<Visit> openOf(UUID sawId) {
        return records.createQuery("select v from Visit v where v.openSawId = :saw", Visit.class)
                .setParameter("saw", sawId)
                .getResultStream()
                .findFirst();
    }

    /** What was put into a visit by its plan or by hand, not by what was found in it. */
    public List<PlannedStep> planned(UUID visitId) {
        return records.createQuery(
                        "select e from VisitEventRow e where e.visitId = :visit and e.byRecord is null order by e.seq",
                        VisitEventRow.class)
                .setParameter("visit", visitId)
                .getResultStream()
                .map(VisitEventRow::planned)
                .toList();
    }

    /** A step that was recorded. */
    private record Taken(Long seq, Step step, UUID recordId) {}

    /** What the standing records of a visit tell; record ids are those of work records. */
    public VisitStory story(UUID visitId) {
        List<VisitEvent> events = new ArrayList<>();
        records.createQuery(
                        "select e from VisitEventRow e where e.visitId = :visit"
                                + " and not exists (select 1 from WorkVoid v where v.recordId = e.byRecord)",
                        VisitEventRow.class)
                .setParameter("visit", visitId)
                .getResultList()
                .forEach(row -> events.add(row.event()));
        records.createQuery(
                        "select r.seq, r.step, r.id from WorkRecord r where r.visitId = :visit" + Worklog.STANDING,
                        Taken.class)
                .setParameter("visit", visitId)
                .getResultList()
                .forEach(row -> events.add(new VisitEvent.Recorded(row.seq(), row.step(), row.recordId())));
        return VisitStory.of(events);
    }
}
