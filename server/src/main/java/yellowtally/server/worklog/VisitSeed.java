package yellowtally.server.worklog;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import yellowtally.core.visit.PlannedStep;
import yellowtally.core.waiting.FitState;

/** Lets the demo data place visits in the past, where the officer's way begins and ends them in the present. */
public final class VisitSeed {

    private VisitSeed() {}

    /** A visit that is still open. */
    public static void begin(
            EntityManager records, UUID visit, UUID sawId, Instant at, UUID person, List<PlannedStep> planned) {
        put(records, new Visit(visit, sawId, at, person), planned);
    }

    /** A visit that ended with the saw fit. */
    public static void ended(
            EntityManager records,
            UUID visit,
            UUID sawId,
            Instant at,
            Instant endedAt,
            UUID person,
            FitState decision,
            List<PlannedStep> planned) {
        Visit ended = new Visit(visit, sawId, at, person);
        // Before it is stored: a saw can lie on the bench once at a time, and the database holds to that.
        ended.end(endedAt, person, null, decision);
        put(records, ended, planned);
    }

    /** What a record of an open visit called for. */
    public static void calledFor(EntityManager records, WorkRecord by, PlannedStep planned) {
        records.persist(new VisitEventRow(Objects.requireNonNull(by.visitId()), planned, by.id(), by.recordedAt()));
    }

    private static void put(EntityManager records, Visit visit, List<PlannedStep> planned) {
        records.persist(visit);
        planned.forEach(step -> records.persist(new VisitEventRow(visit.id(), step, null, visit.startedAt())));
    }
}
