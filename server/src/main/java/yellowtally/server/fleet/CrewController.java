package yellowtally.server.fleet;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.people.People;
import yellowtally.server.people.PeopleEvent;
import yellowtally.server.people.PeopleEvent.PeopleEventKind;
import yellowtally.server.people.Person;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;

/** The crews that draw saws. One that draws none any more stays in the records. */
@RestController
class CrewController {

    private final Fleet fleet;
    private final NewCrews newCrews;
    private final WatchesSaws watch;
    private final People people;
    private final OnceOnly onceOnly;
    private final EntityManager records;
    private final Clock clock;

    CrewController(
            Fleet fleet,
            NewCrews newCrews,
            WatchesSaws watch,
            People people,
            OnceOnly onceOnly,
            EntityManager records,
            Clock clock) {
        this.fleet = fleet;
        this.newCrews = newCrews;
        this.watch = watch;
        this.people = people;
        this.onceOnly = onceOnly;
        this.records = records;
        this.clock = clock;
    }

    /** A crew; {@code leftOn} only of one that draws none any more. */
    record CrewView(UUID id, String name, @Nullable LocalDate leftOn) {}

    /** A new crew. */
    record NewCrew(UUID id, String name) {}

    /** Another name; what was there is told, so that nobody changes what somebody else just did. */
    record RenamedCrew(UUID id, String name, String nameBefore) {}

    /** Draws none any more, or does again. */
    record CrewOnOff(UUID id) {}

    /** A write and the crew it is about. */
    private record OfCrew(UUID crewId, Object given) {}

    @GetMapping("/api/crews")
    List<CrewView> crews() {
        return fleet.crews().stream()
                .map(c -> new CrewView(c.id(), c.name(), c.leftOn()))
                .toList();
    }

    @PostMapping("/api/crews")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(@RequestBody NewCrew given) {
        onceOnly.runBesideSaws(given.id(), given, () -> {
            Person by = people.actingOfficer();
            newCrews.add(given.id(), given.name(), by);
            records.flush();
        });
    }

    @PutMapping("/api/crews/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void rename(@PathVariable UUID id, @RequestBody RenamedCrew given) {
        onceOnly.runBesideSaws(given.id(), new OfCrew(id, given), () -> {
            Person by = people.actingOfficer();
            Crew crew = fleet.crew(id);
            if (!crew.name().equals(given.nameBefore())) {
                throw Refusal.stale(new CrewView(id, crew.name(), crew.leftOn()), "crew.stale");
            }
            String name = newCrews.name(id, given.name());
            tell(PeopleEventKind.RENAMED, crew, crew.name() + " → " + name, by);
            crew.rename(name);
        });
    }

    @PostMapping("/api/crews/{id}/leave")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(@PathVariable UUID id, @RequestBody CrewOnOff given) {
        onceOnly.runBesideSaws(given.id(), new OfCrew(id, "leave"), () -> {
            Person by = people.actingOfficer();
            Crew crew = fleet.crew(id);
            if (watch.outWith(id)) {
                throw Refusal.conflict("", "crew.hasSaws", crew.name());
            }
            crew.leave(LocalDate.now(clock));
            tell(PeopleEventKind.LEFT, crew, null, by);
        });
    }

    @PostMapping("/api/crews/{id}/back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void back(@PathVariable UUID id, @RequestBody CrewOnOff given) {
        onceOnly.runBesideSaws(given.id(), new OfCrew(id, "back"), () -> {
            Person by = people.actingOfficer();
            Crew crew = fleet.crew(id);
            crew.leave(null);
            tell(PeopleEventKind.CAME_BACK, crew, null, by);
        });
    }

    private void tell(PeopleEventKind kind, Crew about, @Nullable String said, Person by) {
        records.persist(new PeopleEvent(kind, PeopleEvent.About.crew(about.id()), said, clock.instant(), by.id()));
    }
}
