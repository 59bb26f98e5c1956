package yellowtally.server.usage;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.fleet.FittedSet;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;

/** Issue a saw to a crew and take it back. A held saw is never issued. */
@RestController
class OutingController {

    private static final double MOST_TANKS = 40;

    private final Fleet fleet;
    private final Outings outings;
    private final MayGoOut mayGoOut;
    private final People people;
    private final OnceOnly onceOnly;
    private final EntityManager records;
    private final Clock clock;

    OutingController(
            Fleet fleet,
            Outings outings,
            MayGoOut mayGoOut,
            People people,
            OnceOnly onceOnly,
            EntityManager records,
            Clock clock) {
        this.fleet = fleet;
        this.outings = outings;
        this.mayGoOut = mayGoOut;
        this.people = people;
        this.onceOnly = onceOnly;
        this.records = records;
        this.clock = clock;
    }

    /** A saw goes out. */
    record Issue(UUID id, UUID personId, UUID crewId) {}

    /** A saw comes back. */
    record Return(UUID id, UUID personId, double tanks) {}

    @PostMapping("/api/saws/{tag}/issue")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void issue(@PathVariable String tag, @RequestBody Issue given) {
        onceOnly.run(given.id(), given, () -> {
            Person person = people.require(given.personId());
            Saw saw = fleet.sawInService(tag);
            if (outings.findByOpenSawId(saw.id()).isPresent()) {
                throw Refusal.conflict("", "saw.out", tag);
            }
            mayGoOut.refuseHeld(saw);
            FittedSet set = fleet.set(saw);
            records.persist(new Outing(
                    given.id(),
                    saw.id(),
                    fleet.crew(given.crewId()).id(),
                    set.chain() == null ? null : set.chain().id(),
                    saw.fittingId(),
                    clock.instant(),
                    person.id()));
        });
    }

    @PostMapping("/api/saws/{tag}/return")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable String tag, @RequestBody Return given) {
        onceOnly.run(given.id(), given, () -> {
            Person person = people.require(given.personId());
            Outing outing = outings.findByOpenSawId(fleet.saw(tag).id())
                    .orElseThrow(() -> Refusal.conflict("", "saw.notOut", tag));
            if (!(given.tanks() >= 0 && given.tanks() <= MOST_TANKS)) {
                throw Refusal.unfit("tanks", "outing.tanks", MOST_TANKS);
            }
            outing.back(clock.instant(), person.id(), given.tanks());
        });
    }
}
