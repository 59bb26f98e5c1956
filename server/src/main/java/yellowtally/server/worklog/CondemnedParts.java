package yellowtally.server.worklog;

import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowtally.core.fitness.Condemned;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.steps.Subject;
import yellowtally.server.fleet.PartCheck;
import yellowtally.server.support.Refusal;

/** A part stays condemned wherever it goes, until the step that condemned it is recorded on it without the finding. */
@Component
class CondemnedParts implements PartCheck {

    private final EntityManager records;

    CondemnedParts(EntityManager records) {
        this.records = records;
    }

    @Override
    public void refuseCondemned(UUID partId, Subject kind, String tag) {
        if (condemned(partId, kind)) {
            throw Refusal.conflict("set", "part.condemned", tag);
        }
    }

    @Override
    public boolean condemned(UUID partId, Subject kind) {
        String part = switch (kind) {
            case CHAIN -> "r.parts.chainId";
            case BAR -> "r.parts.barId";
            default -> "r.parts.sprocketId";
        };
        return Condemned.is(
                kind,
                SawLog.of(records
                        .createQuery(
                                "select r from WorkRecord r where " + part + " = :part and r.step in :steps"
                                        + " and r.outcome <> :skipped" + Worklog.STANDING,
                                WorkRecord.class)
                        .setParameter("part", partId)
                        .setParameter("steps", Condemned.steps(kind))
                        .setParameter("skipped", WorkOutcome.SKIPPED)
                        .getResultList()
                        .stream()
                        .map(record -> entry(record, kind))
                        .toList()));
    }

    /** The record as one of the part alone; the day does not matter. */
    private static StepEntry entry(WorkRecord record, Subject kind) {
        return new StepEntry(
                record.seq(),
                record.step(),
                record.at(),
                LocalDate.EPOCH,
                record.outcome().ended(),
                record.findings(),
                null,
                Set.of(kind));
    }
}
