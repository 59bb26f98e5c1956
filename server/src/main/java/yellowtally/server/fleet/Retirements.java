package yellowtally.server.fleet;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowtally.server.people.Person;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Ends the life of a part, with a reason. Runs within the caller's transaction. */
@Service
public class Retirements {

    private final EntityManager records;
    private final PartFinder finder;
    private final Clock clock;

    Retirements(EntityManager records, PartFinder finder, Clock clock) {
        this.records = records;
        this.finder = finder;
        this.clock = clock;
    }

    /** Retires a part that lies on the shelf; refuses one that hangs on a saw, or is retired already. */
    public void retire(UUID partId, Person person, String reason) {
        Violations wrong = new Violations();
        String why = wrong.text("reason", reason, 300);
        wrong.refuseIfAny();
        // What was fitted a moment ago must be seen as it is now.
        records.flush();
        Part part = finder.find(partId).orElseThrow(() -> Refusal.gone("part.none"));
        if (part.retiredAt() != null) {
            throw Refusal.conflict("", "part.retiredAlready", part.tag());
        }
        if (part.sawId() != null) {
            throw Refusal.conflict("", "part.stillOn", part.tag());
        }
        part.retire(clock.instant(), person.id(), why);
    }
}
