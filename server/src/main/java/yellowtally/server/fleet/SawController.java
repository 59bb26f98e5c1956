package yellowtally.server.fleet;

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
import yellowtally.server.people.Acting;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.OfSaw;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Edit, re-equip and retire a saw. */
@RestController
class SawController {

    private static final String OUT_THERE = "Fitted out with the crew.";

    private final Fleet fleet;
    private final SawChanges changes;
    private final Models models;
    private final HouseUnits house;
    private final SetFitter fitter;
    private final People people;
    private final OnceOnly onceOnly;
    private final FleetRevision revision;
    private final WatchesSaws watch;
    private final Clock clock;

    SawController(
            Fleet fleet,
            SawChanges changes,
            Models models,
            HouseUnits house,
            SetFitter fitter,
            People people,
            OnceOnly onceOnly,
            FleetRevision revision,
            WatchesSaws watch,
            Clock clock) {
        this.fleet = fleet;
        this.changes = changes;
        this.models = models;
        this.house = house;
        this.fitter = fitter;
        this.people = people;
        this.onceOnly = onceOnly;
        this.revision = revision;
        this.watch = watch;
        this.clock = clock;
    }

    /** A changed card. {@code version} is the one the change was made on. */
    record ChangedSaw(UUID id, int version, SawInput saw) {}

    /**
     * Another set on a saw.
     *
     * @param outThere says that it was fitted while the saw was out with a crew
     */
    record NewFitting(
            UUID id, int version, SetInput set, @Nullable Boolean outThere) {}

    /** Another tag for a saw. */
    record NewTag(UUID id, int version, String tag, String reason) {}

    /** A saw taken out of the fleet, or brought back. */
    record Retirement(UUID id, int version, String reason) {}

    @GetMapping("/api/saws/{tag}")
    SawView saw(@PathVariable String tag) {
        return fleet.view(fleet.saw(tag));
    }

    @PutMapping("/api/saws/{tag}")
    SawView change(@PathVariable String tag, @RequestBody ChangedSaw given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> {
            Person person = people.acting();
            Saw saw = current(tag, given.version());
            Violations wrong = new Violations();
            SawDetails details = given.saw().details(LocalDate.now(clock), models, house, wrong);
            wrong.refuseIfAny();
            watch.change(saw, person, () -> saw.edit(details));
        });
        return saw(tag);
    }

    /** A retired saw has its parts taken off for others; nothing is fitted to it. */
    @PostMapping("/api/saws/{tag}/fittings")
    SawView fit(@PathVariable String tag, @RequestBody NewFitting given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> {
            Person person = people.acting();
            Saw saw = current(fleet.saw(tag), given.version());
            boolean outThere = watch.out(saw);
            if (outThere && !Boolean.TRUE.equals(given.outThere())) {
                throw Refusal.unfit("outThere", "set.outThere", saw.tag());
            }
            fitter.fit(
                    given.id(), saw, outThere ? given.set().noted(OUT_THERE) : given.set(), person, Acting.deviceNow());
        });
        return saw(tag);
    }

    @PostMapping("/api/saws/{tag}/retirement")
    SawView retire(@PathVariable String tag, @RequestBody Retirement given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> {
            Person officer = people.actingOfficer();
            changes.retire(given.id(), current(tag, given.version()), officer, given.reason());
        });
        return saw(tag);
    }

    /** A saw that was retired by mistake, or is wanted again. */
    @PostMapping("/api/saws/{tag}/retirement/undo")
    SawView bringBack(@PathVariable String tag, @RequestBody Retirement given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> {
            Person officer = people.actingOfficer();
            changes.bringBack(given.id(), current(fleet.saw(tag), given.version()), officer, given.reason());
        });
        return saw(tag);
    }

    /** Another tag; the one before still finds the saw. */
    @PostMapping("/api/saws/{tag}/tag")
    SawView changeTag(@PathVariable String tag, @RequestBody NewTag given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> {
            Person officer = people.actingOfficer();
            changes.tag(given.id(), current(fleet.saw(tag), given.version()), officer, given.tag(), given.reason());
        });
        return saw(given.tag());
    }

    private Saw current(String tag, int version) {
        return current(fleet.sawInService(tag), version);
    }

    private Saw current(Saw saw, int version) {
        revision.touches(saw.id());
        if (saw.version() != version) {
            throw Refusal.stale(fleet.view(saw), "saw.stale", saw.tag());
        }
        return saw;
    }
}
