package yellowtally.server.bench;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import yellowtally.core.fitness.FitState;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.PlannedStep;

/** Lets the demo data place visits in the past, where the officer's way begins and ends them in the present. */
public final class VisitSeed {

    private VisitSeed() {}

    /** A visit that is still open; of two reasons for one step the later stands. */
    public static void begin(
            EntityManager records, UUID visit, UUID sawId, Instant at, UUID person, List<PlannedStep> planned) {
        put(records, new Visit(visit, sawId, at, person), at, planned);
    }

    /** A visit that ended with the saw fit. */
    public static void ended(
            EntityManager records,
            UUID visit,
            UUID sawId,
            Instant at,
            Instant endedAt,
            UUID person,
            List<PlannedStep> planned) {
        Visit ended = new Visit(visit, sawId, at, person);
        // Before it is stored: a saw can lie on the bench once at a time, and the database holds to that.
        ended.end(endedAt, person, null, FitState.FIT);
        put(records, ended, at, planned);
    }

    private static void put(EntityManager records, Visit visit, Instant at, List<PlannedStep> planned) {
        records.persist(visit);
        Map<Step, PlannedStep> once = new EnumMap<>(Step.class);
        planned.forEach(step -> once.put(step.step(), step));
        once.values().forEach(step -> records.persist(new VisitStep(visit.id(), step, at)));
    }
}
