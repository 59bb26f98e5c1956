package yellowtally.server.faults;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import yellowtally.core.diagnosis.FaultEventKind;

/** Finds and keeps faults and what happened to them. */
@Component
class FaultRepository {

    private static final String CLOSED = "exists (select 1 from FaultEventRow e where e.faultId = f.id and e.kind in ("
            + FaultEventKind.ENDS.stream().map(kind -> "FaultEventKind." + kind).collect(Collectors.joining(", "))
            + "))";

    private final EntityManager records;

    FaultRepository(EntityManager records) {
        this.records = records;
    }

    void add(Fault fault) {
        records.persist(fault);
    }

    void add(FaultEventRow event) {
        records.persist(event);
    }

    Optional<Fault> find(UUID id) {
        return Optional.ofNullable(records.find(Fault.class, id));
    }

    /** The same for a write, which then waits for any other write about this fault: what it reads of it still holds. */
    Optional<Fault> findForWriting(UUID id) {
        return Optional.ofNullable(records.find(Fault.class, id, LockModeType.PESSIMISTIC_WRITE));
    }

    /** Faults that nobody has closed, latest first. */
    List<Fault> open() {
        return records.createQuery("select f from Fault f where not " + CLOSED + " order by f.at desc", Fault.class)
                .getResultList();
    }

    /** Whether somebody has complained of this on a saw and nobody has closed it. */
    boolean isOpen(UUID sawId, String complaint) {
        return !records.createQuery(
                        "select f.id from Fault f where f.sawId = :saw and f.complaint = :complaint and not " + CLOSED,
                        UUID.class)
                .setParameter("saw", sawId)
                .setParameter("complaint", complaint)
                .setMaxResults(1)
                .getResultList()
                .isEmpty();
    }

    /** What a record at the bench opened and nobody has closed. */
    List<Fault> openOfRecord(UUID recordId) {
        return records.createQuery("select f from Fault f where f.recordId = :record and not " + CLOSED, Fault.class)
                .setParameter("record", recordId)
                .getResultList();
    }

    /** Faults that were closed, latest first. */
    List<Fault> closed(int most) {
        return records.createQuery("select f from Fault f where " + CLOSED + " order by f.at desc", Fault.class)
                .setMaxResults(most)
                .getResultList();
    }

    /** Faults from a moment on, open and closed, latest first. */
    List<Fault> since(Instant from) {
        return records.createQuery("select f from Fault f where f.at >= :from order by f.at desc", Fault.class)
                .setParameter("from", from)
                .getResultList();
    }

    /** What a saw came back with from one outing. */
    List<Fault> ofOuting(UUID outingId) {
        return records.createQuery("select f from Fault f where f.outingId = :outing order by f.at", Fault.class)
                .setParameter("outing", outingId)
                .getResultList();
    }

    /** Faults of a saw that nobody has closed, latest first. */
    List<Fault> openOf(UUID sawId) {
        return records.createQuery(
                        "select f from Fault f where f.sawId = :saw and not " + CLOSED + " order by f.at desc",
                        Fault.class)
                .setParameter("saw", sawId)
                .getResultList();
    }

    /** All faults of a saw, latest first. */
    List<Fault> ofSaw(UUID sawId) {
        return records.createQuery("select f from Fault f where f.sawId = :saw order by f.at desc", Fault.class)
                .setParameter("saw", sawId)
                .getResultList();
    }

    /** What happened to some faults. */
    record Events(Map<UUID, List<FaultEventRow>> byFault) {

        /** What happened to one of them, in order of time; nothing but the complaint gives an empty list. */
        List<FaultEventRow> of(Fault fault) {
            return byFault.getOrDefault(fault.id(), List.of());
        }
    }

    /** What happened to these faults. */
    Events events(Collection<Fault> faults) {
        Map<UUID, List<FaultEventRow>> events = new HashMap<>();
        if (!faults.isEmpty()) {
            records.createQuery(
                            "select e from FaultEventRow e where e.faultId in :faults order by e.at, e.seq",
                            FaultEventRow.class)
                    .setParameter("faults", faults.stream().map(Fault::id).toList())
                    .getResultList()
                    .forEach(event -> events.computeIfAbsent(event.faultId(), id -> new ArrayList<>())
                            .add(event));
        }
        return new Events(events);
    }
}
