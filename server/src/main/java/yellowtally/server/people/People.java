package yellowtally.server.people;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.repository.ListCrudRepository;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.support.Refusal;

/** The fleet's people. */
@RestController
public class People {

    /** Keeps people. */
    interface PersonRepository extends ListCrudRepository<Person, UUID> {
        List<Person> findAllByOrderByName();
    }

    /** A person as the screens see them. */
    public record PersonView(UUID id, String name, Person.Role role) {}

    private final PersonRepository repository;

    People(PersonRepository repository) {
        this.repository = repository;
    }

    @GetMapping("/api/people")
    public List<PersonView> people() {
        return repository.findAllByOrderByName().stream()
                .map(p -> new PersonView(p.id(), p.name(), p.role()))
                .toList();
    }

    /** Everybody's name by id. */
    public Map<UUID, String> names() {
        return repository.findAllByOrderByName().stream().collect(Collectors.toMap(Person::id, Person::name));
    }

    /** The person a record names; refuses an unknown one. */
    public Person require(@Nullable UUID id) {
        if (id == null) {
            throw Refusal.unfit("personId", "person.missing");
        }
        return repository.findById(id).orElseThrow(() -> Refusal.unfit("personId", "person.unknown"));
    }

    /** The person who may release a held saw. */
    public Person requireOfficer(@Nullable UUID id) {
        Person person = require(id);
        if (person.role() != Person.Role.OFFICER) {
            throw Refusal.conflict("personId", "person.officer", person.name());
        }
        return person;
    }
}
