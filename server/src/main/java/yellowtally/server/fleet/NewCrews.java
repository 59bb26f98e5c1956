package yellowtally.server.fleet;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.server.people.PeopleEvent;
import yellowtally.server.people.PeopleEvent.PeopleEventKind;
import yellowtally.server.people.Person;
import yellowtally.server.support.Violations;

/** A crew that did not draw saws before. Runs within the caller's transaction. */
@Service
public class NewCrews {

    private static final int LONGEST_NAME = 80;

    private final Fleet fleet;
    private final EntityManager records;
    private final Clock clock;

    NewCrews(Fleet fleet, EntityManager records, Clock clock) {
        this.fleet = fleet;
        this.records = records;
        this.clock = clock;
    }

    /** Stores a crew, and who added it; a name that another has is refused. */
    public void add(UUID id, String name, Person by) {
        Crew crew = new Crew(id, name(null, name));
        records.persist(crew);
        records.persist(new PeopleEvent(
                PeopleEventKind.ADDED, PeopleEvent.About.crew(id), crew.name(), clock.instant(), by.id()));
    }

    /** A name that no other crew has; {@code own} is absent for a new one. */
    String name(@Nullable UUID own, String given) {
        Violations wrong = new Violations();
        String name = wrong.text("name", given, LONGEST_NAME);
        fleet.crews().stream()
                .filter(other ->
                        other.name().equalsIgnoreCase(name) && !other.id().equals(own))
                .findFirst()
                .ifPresent(other ->
                        wrong.add("name", other.leftOn() == null ? "crew.taken" : "crew.takenLeft", other.name()));
        wrong.refuseIfAny();
        return name;
    }
}
