package yellowtally.server.worklog;

import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowtally.core.fitness.Condemned;
import yellowtally.core.steps.Subject;
import yellowtally.server.fleet.PartCheck;
import yellowtally.server.support.Refusal;

/** A part stays condemned wherever it goes, whatever a later look says; only the strike of the wrong record ends it. */
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
        return !found(kind, " = :part")
                .setParameter("part", partId)
                .setMaxResults(1)
                .getResultList()
                .isEmpty();
    }

    @Override
    public Set<UUID> condemned(Subject kind) {
        return Set.copyOf(found(kind, " is not null").getResultList());
    }

    private TypedQuery<UUID> found(Subject kind, String which) {
        String part = switch (kind) {
            case CHAIN -> "r.parts.chainId";
            case BAR -> "r.parts.barId";
            default -> "r.parts.sprocketId";
        };
        return records.createQuery(
                        "select distinct " + part + " from WorkRecord r join r.findings f where " + part + which
                                + " and f in :condemning" + Worklog.STANDING,
                        UUID.class)
                .setParameter("condemning", Condemned.findings(kind));
    }
}
