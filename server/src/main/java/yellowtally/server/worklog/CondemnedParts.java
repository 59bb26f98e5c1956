package yellowtally.server.worklog;

import jakarta.persistence.EntityManager;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
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
        List<Step> steps = Arrays.stream(Finding.values())
                .filter(f -> f.condemns() == kind)
                .map(Finding::step)
                .distinct()
                .toList();
        String part = switch (kind) {
            case CHAIN -> "r.parts.chainId";
            case BAR -> "r.parts.barId";
            default -> "r.parts.sprocketId";
        };
        Map<Step, WorkRecord> latest = new EnumMap<>(Step.class);
        records.createQuery(
                        "select r from WorkRecord r where " + part + " = :part and r.step in :steps"
                                + " and r.outcome <> :skipped"
                                + " and not exists (select 1 from WorkVoid v where v.recordId = r.id) order by r.at",
                        WorkRecord.class)
                .setParameter("part", partId)
                .setParameter("steps", steps)
                .setParameter("skipped", WorkOutcome.SKIPPED)
                .getResultList()
                .forEach(record -> latest.put(record.step(), record));
        return latest.values().stream()
                .flatMap(record -> record.findings().stream())
                .anyMatch(f -> f.condemns() == kind);
    }
}
