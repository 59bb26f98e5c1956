package yellowtally.server.signin;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.fleet.Crew;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.people.People;
import yellowtally.server.people.PeopleEvent;
import yellowtally.server.people.PeopleEvent.PeopleEventKind;
import yellowtally.server.people.Person;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** The fleet's people: who they are, what they may do, how they get in. Who left stays in the records. */
@RestController
class PeopleController {

    private static final int NEWEST = 100;

    private final People people;
    private final NewPeople newPeople;
    private final Fleet fleet;
    private final Accounts accounts;
    private final Credential.Credentials credentials;
    private final OnceOnly onceOnly;
    private final EntityManager records;
    private final Clock clock;

    PeopleController(
            People people,
            NewPeople newPeople,
            Fleet fleet,
            Accounts accounts,
            Credential.Credentials credentials,
            OnceOnly onceOnly,
            EntityManager records,
            Clock clock) {
        this.people = people;
        this.newPeople = newPeople;
        this.fleet = fleet;
        this.accounts = accounts;
        this.credentials = credentials;
        this.onceOnly = onceOnly;
        this.records = records;
        this.clock = clock;
    }

    /** A person as the screens see them; {@code leftOn} only of who left. */
    record PersonView(
            UUID id,
            String name,
            Person.Role role,
            @Nullable LocalDate leftOn) {}

    /** How somebody gets in: never what the password is. */
    record AccessView(UUID personId, String signInName, boolean oneTime, boolean pin, boolean pinLocked) {}

    /** What changed: about whom or which crew, by whom. */
    record PeopleChange(
            UUID id,
            Instant at,
            String by,
            @Nullable String device,
            PeopleEventKind kind,
            @Nullable String about,
            @Nullable String said) {}

    /** Somebody new, with a password for the first time or none. */
    record NewPerson(
            UUID id,
            String name,
            Person.Role role,
            @Nullable String signInName,
            @Nullable String password) {

        NewPerson withoutPassword() {
            return new NewPerson(id, name, role, signInName, null);
        }
    }

    /** Another name or role; what was there is told, so that nobody changes what somebody else just did. */
    record ChangedPerson(UUID id, String name, Person.Role role, String nameBefore, Person.Role roleBefore) {}

    /** A name and a password to sign in with once. */
    record NewAccess(UUID id, String signInName, String password) {}

    /** Left, or came back. */
    record OnOff(UUID id) {}

    /** A write and whom it is about. */
    private record OfPerson(UUID personId, Object given) {}

    @GetMapping("/api/people")
    List<PersonView> all() {
        return people.all().stream()
                .map(p -> new PersonView(p.id(), p.name(), p.role(), p.leftOn()))
                .toList();
    }

    @GetMapping("/api/people/access")
    List<AccessView> access() {
        return StreamSupport.stream(credentials.findAll().spliterator(), false)
                .map(c -> new AccessView(c.personId(), c.signInName(), c.oneTime(), c.pin() != null, c.pinLocked()))
                .toList();
    }

    @GetMapping("/api/people/changes")
    List<PeopleChange> changes() {
        Map<UUID, String> names = people.names();
        return records
                .createQuery("select e from PeopleEvent e order by e.at desc, e.id", PeopleEvent.class)
                .setMaxResults(NEWEST)
                .getResultList()
                .stream()
                .map(e -> new PeopleChange(
                        e.id(),
                        e.at(),
                        names.getOrDefault(e.byId(), ""),
                        e.device(),
                        e.kind(),
                        about(e, names),
                        e.said()))
                .toList();
    }

    private @Nullable String about(PeopleEvent event, Map<UUID, String> names) {
        if (event.crewId() != null) {
            return fleet.crews().stream()
                    .filter(crew -> crew.id().equals(event.crewId()))
                    .map(Crew::name)
                    .findFirst()
                    .orElse(null);
        }
        return event.personId() == null ? null : names.get(event.personId());
    }

    @PostMapping("/api/people")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(@RequestBody NewPerson given) {
        write(given.id(), given.withoutPassword(), () -> {
            Person by = people.actingOfficer();
            Violations wrong = new Violations();
            Person person = newPeople.card(given.id(), given.name(), given.role(), wrong);
            if (given.signInName() != null || given.password() != null) {
                String password = given.password() == null ? "" : given.password();
                accounts.refuseAccess(person.id(), given.signInName(), password, wrong);
            }
            wrong.refuseIfAny();
            newPeople.add(person, by);
            records.flush();
            if (given.signInName() != null && given.password() != null) {
                accounts.give(person, given.signInName(), given.password(), true, wrong);
            }
        });
    }

    @PutMapping("/api/people/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@PathVariable UUID id, @RequestBody ChangedPerson given) {
        write(given.id(), new OfPerson(id, given), () -> {
            Person by = people.actingOfficer();
            Person person = existing(id);
            if (!person.name().equals(given.nameBefore()) || person.role() != given.roleBefore()) {
                throw Refusal.stale(new PersonView(id, person.name(), person.role(), person.leftOn()), "person.stale");
            }
            Violations wrong = new Violations();
            String name = newPeople.name(id, given.name(), wrong);
            wrong.refuseIfAny();
            if (!name.equals(person.name())) {
                tell(PeopleEventKind.RENAMED, person, person.name() + " → " + name, by);
                person.rename(name);
            }
            if (given.role() != person.role()) {
                accounts.refuseLastOfficer(person);
                tell(PeopleEventKind.RANK, person, person.role() + " → " + given.role(), by);
                person.become(given.role());
                accounts.change(id).ifPresent(Credential::endSessions);
            }
        });
    }

    /** Another password, for one time: somebody new, or who forgot it. Ends whatever was signed in with the one before. */
    @PostMapping("/api/people/{id}/access")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void give(@PathVariable UUID id, @RequestBody NewAccess given) {
        write(given.id(), new OfPerson(id, given.signInName()), () -> {
            Person by = people.actingOfficer();
            Person person = existing(id);
            if (by.id().equals(id)) {
                throw Refusal.conflict("", "person.ownAccess");
            }
            if (person.leftOn() != null) {
                throw Refusal.conflict("", "person.left", person.name());
            }
            accounts.give(person, given.signInName(), given.password(), true, new Violations());
            tell(PeopleEventKind.ACCESS_GIVEN, person, null, by);
        });
    }

    @PostMapping("/api/people/{id}/leave")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(@PathVariable UUID id, @RequestBody OnOff given) {
        write(given.id(), new OfPerson(id, "leave"), () -> {
            Person by = people.actingOfficer();
            Person person = existing(id);
            accounts.refuseLastOfficer(person);
            person.leave(LocalDate.now(clock));
            accounts.change(id).ifPresent(Credential::endSessions);
            tell(PeopleEventKind.LEFT, person, null, by);
        });
    }

    /** Comes in by a password given anew. */
    @PostMapping("/api/people/{id}/back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void back(@PathVariable UUID id, @RequestBody OnOff given) {
        write(given.id(), new OfPerson(id, "back"), () -> {
            Person by = people.actingOfficer();
            Person person = existing(id);
            person.leave(null);
            accounts.change(id).ifPresent(records::remove);
            tell(PeopleEventKind.CAME_BACK, person, null, by);
        });
    }

    private void write(UUID id, Object told, Runnable action) {
        onceOnly.runBesideSaws(id, told, () -> {
            accounts.oneAtATime();
            action.run();
        });
    }

    private Person existing(UUID id) {
        return people.find(id).orElseThrow(() -> Refusal.gone("person.unknown"));
    }

    private void tell(PeopleEventKind kind, Person about, @Nullable String said, Person by) {
        records.persist(new PeopleEvent(kind, PeopleEvent.About.person(about.id()), said, clock.instant(), by.id()));
    }
}
