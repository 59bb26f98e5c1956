package yellowtally.server.fleet;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowtally.server.people.Person;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Ends the life of a part, with a reason, and takes that back. Runs within the caller's transaction. */
@Service
public class Retirements {

    private final EntityManager records;
    private final PartFinder finder;
    private final PartsElsewhere elsewhere;
    private final Clock clock;

    Retirements(EntityManager records, PartFinder finder, PartsElsewhere elsewhere, Clock clock) {
        this.records = records;
        this.finder = finder;
        this.elsewhere = elsewhere;
        this.clock = clock;
    }

    /** Retires a part that lies on the shelf; refuses one that hangs on a saw, or is retired already. */
    public void retire(UUID partId, Person person, String reason) {
        String why = Violations.onlyText("reason", reason, 300);
        Part part = part(partId);
        if (part.retiredAt() != null) {
            throw Refusal.conflict("", "part.retiredAlready", part.tag());
        }
        if (part.sawId() != null) {
            throw Refusal.conflict("", "part.stillOn", part.tag());
        }
        elsewhere.who(partId).ifPresent(who -> {
            throw Refusal.conflict("", "part.away", part.tag(), who);
        });
        part.retire(clock.instant(), person.id(), why);
        told(part, PartEvent.PartEventKind.RETIRED, person, why);
    }

    /** A part that was retired by mistake lies on the shelf again; what condemns it condemns it still. */
    public void bringBack(UUID partId, Person person, String reason) {
        String why = Violations.onlyText("reason", reason, 300);
        Part part = part(partId);
        if (part.retiredAt() == null) {
            throw Refusal.conflict("", "part.inService", part.tag());
        }
        part.bringBack();
        told(part, PartEvent.PartEventKind.BROUGHT_BACK, person, why);
    }

    /** What happened to a part, in order of time. */
    public List<PartEvent> eventsOf(UUID partId) {
        return records.createQuery("select e from PartEvent e where e.partId = :part order by e.at", PartEvent.class)
                .setParameter("part", partId)
                .getResultList();
    }

    private void told(Part part, PartEvent.PartEventKind kind, Person person, String why) {
        records.persist(new PartEvent(UUID.randomUUID(), part.id(), kind, clock.instant(), person.id(), why));
    }

    private Part part(UUID partId) {
        // What was fitted a moment ago must be seen as it is now; who gives it away at this moment is waited for.
        records.flush();
        return finder.claimed(partId).orElseThrow(() -> Refusal.gone("part.none"));
    }
}
