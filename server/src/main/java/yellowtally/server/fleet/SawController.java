package yellowtally.server.fleet;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.OfSaw;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Add, edit, re-equip and retire a saw. */
@RestController
class SawController {

    private final Fleet fleet;
    private final FleetRepositories.Saws saws;
    private final Models models;
    private final SetFitter fitter;
    private final People people;
    private final OnceOnly onceOnly;
    private final FleetRevision revision;
    private final EntityManager records;
    private final WatchesSaws watch;
    private final Clock clock;

    SawController(
            Fleet fleet,
            FleetRepositories.Saws saws,
            Models models,
            SetFitter fitter,
            People people,
            OnceOnly onceOnly,
            FleetRevision revision,
            EntityManager records,
            WatchesSaws watch,
            Clock clock) {
        this.fleet = fleet;
        this.saws = saws;
        this.models = models;
        this.fitter = fitter;
        this.people = people;
        this.onceOnly = onceOnly;
        this.revision = revision;
        this.records = records;
        this.watch = watch;
        this.clock = clock;
    }

    /** A new saw, with its set or without. */
    record NewSaw(
            UUID id,
            UUID personId,
            String device,
            String tag,
            SawInput saw,
            @Nullable SetInput set) {}

    /** A changed card. {@code version} is the one the change was made on. */
    record ChangedSaw(UUID id, UUID personId, String device, int version, SawInput saw) {}

    /** Another set on a saw. */
    record NewFitting(UUID id, UUID personId, String device, int version, SetInput set) {}

    /** A saw taken out of the fleet. */
    record Retirement(UUID id, UUID personId, String device, int version, String reason) {}

    @GetMapping("/api/saws/{tag}")
    SawView saw(@PathVariable String tag) {
        Saw saw = fleet.saw(tag);
        return SawView.of(saw, fleet.set(saw));
    }

    @PostMapping("/api/saws")
    SawView add(@RequestBody NewSaw given) {
        onceOnly.run(given.id(), given, () -> {
            Person person = people.require(given.personId());
            Violations wrong = new Violations();
            if (!given.tag().matches(PartChooser.TAG_FORM)) {
                wrong.add("tag", "tag.form");
            } else if (saws.existsByTagIgnoreCase(given.tag())) {
                wrong.add("tag", "saw.taken", given.tag());
            }
            SawDetails details = given.saw().details(LocalDate.now(clock), models, wrong);
            wrong.refuseIfAny();
            Saw saw = new Saw(given.id(), given.tag(), details);
            records.persist(saw);
            revision.touches(saw.id());
            if (given.set() != null) {
                fitter.fit(UUID.randomUUID(), saw, given.set(), person, given.device());
            }
        });
        return saw(given.tag());
    }

    @PutMapping("/api/saws/{tag}")
    SawView change(@PathVariable String tag, @RequestBody ChangedSaw given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> {
            Person person = people.require(given.personId());
            Saw saw = current(tag, given.version());
            Violations wrong = new Violations();
            SawDetails details = given.saw().details(LocalDate.now(clock), models, wrong);
            wrong.refuseIfAny();
            watch.change(saw, person, () -> saw.edit(details));
        });
        return saw(tag);
    }

    @PostMapping("/api/saws/{tag}/fittings")
    SawView fit(@PathVariable String tag, @RequestBody NewFitting given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> {
            Person person = people.require(given.personId());
            fitter.fit(given.id(), current(tag, given.version()), given.set(), person, given.device());
        });
        return saw(tag);
    }

    @PostMapping("/api/saws/{tag}/retirement")
    SawView retire(@PathVariable String tag, @RequestBody Retirement given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> {
            people.requireOfficer(given.personId());
            Saw saw = current(tag, given.version());
            Violations wrong = new Violations();
            String reason = wrong.text("reason", given.reason(), 300);
            wrong.refuseIfAny();
            saw.retire(clock.instant(), reason);
        });
        return saw(tag);
    }

    private Saw current(String tag, int version) {
        Saw saw = fleet.sawInService(tag);
        revision.touches(saw.id());
        if (saw.version() != version) {
            throw Refusal.stale(SawView.of(saw, fleet.set(saw)), "saw.stale", tag);
        }
        return saw;
    }
}
