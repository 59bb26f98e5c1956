package yellowtally.server.signin;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.server.people.People;
import yellowtally.server.people.PeopleEvent;
import yellowtally.server.people.PeopleEvent.PeopleEventKind;
import yellowtally.server.people.Person;
import yellowtally.server.support.Violations;

/** Somebody new, who cannot sign in yet. Runs within the caller's transaction. */
@Service
public class NewPeople {

    private static final int LONGEST_NAME = 80;

    private final People people;
    private final EntityManager records;
    private final Clock clock;

    NewPeople(People people, EntityManager records, Clock clock) {
        this.people = people;
        this.records = records;
        this.clock = clock;
    }

    /** Somebody as named; what is wrong with the name is said in {@code wrong}. Stores nothing. */
    public Person card(UUID id, String name, Person.Role role, Violations wrong) {
        return new Person(id, name(null, name, wrong), role);
    }

    /** Stores somebody, and who added them. */
    public void add(Person person, Person by) {
        records.persist(person);
        records.persist(new PeopleEvent(
                PeopleEventKind.ADDED,
                PeopleEvent.About.person(person.id()),
                person.name() + ", " + person.role(),
                clock.instant(),
                by.id()));
    }

    /** A name that nobody else has; {@code own} is absent for somebody new. */
    String name(@Nullable UUID own, String given, Violations wrong) {
        String name = wrong.text("name", given, LONGEST_NAME);
        people.all().stream()
                .filter(other ->
                        other.name().equalsIgnoreCase(name) && !other.id().equals(own))
                .findFirst()
                .ifPresent(other ->
                        wrong.add("name", other.leftOn() == null ? "person.taken" : "person.takenLeft", other.name()));
        return name;
    }
}
