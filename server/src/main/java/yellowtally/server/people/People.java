package yellowtally.server.people;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.repository.ListCrudRepository;
import org.springframework.stereotype.Service;
import yellowtally.server.support.Refusal;

/** The fleet's people, and who of them acts in this request. */
@Service
public class People {

    /** Keeps people. */
    public interface PersonRepository extends ListCrudRepository<Person, UUID> {
        List<Person> findAllByOrderByName();
    }

    private final PersonRepository repository;

    People(PersonRepository repository) {
        this.repository = repository;
    }

    /** Everybody, by name; who left too. */
    public List<Person> all() {
        return repository.findAllByOrderByName();
    }

    /** Everybody's name by id. */
    public Map<UUID, String> names() {
        return all().stream().collect(Collectors.toMap(Person::id, Person::name));
    }

    /** Somebody who is or was here. */
    public Optional<Person> find(UUID id) {
        return repository.findById(id);
    }

    /** The person a record names; refuses an unknown one. */
    public Person require(UUID id) {
        return repository.findById(id).orElseThrow(() -> Refusal.unfit("person", "person.unknown"));
    }

    /** Who is signed in where this request came from: whoever a record of it names. */
    public Person acting() {
        return Acting.now()
                .map(acting -> require(acting.personId()))
                .filter(person -> person.leftOn() == null)
                .orElseThrow(() -> Refusal.unknown("sign.in"));
    }

    /** The same, where only an officer may. */
    public Person actingOfficer() {
        Person person = acting();
        refuseUnlessOfficer(person);
        return person;
    }

    /** What hangs on the records it is about, and not on the address alone: an officer may, anybody else is refused. */
    public static void refuseUnlessOfficer(Person person) {
        if (person.role() != Person.Role.OFFICER) {
            throw Refusal.forbidden("person.officer", person.name());
        }
    }
}
