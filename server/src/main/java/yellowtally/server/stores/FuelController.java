package yellowtally.server.stores;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.engine.FuelAge;
import yellowtally.core.engine.FuelMix;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.settings.Numbers;
import yellowtally.server.people.Acting;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Two-stroke fuel: the mix for any amount, and the cans with what was mixed in them and when (handbook section 9). */
@RestController
class FuelController {

    private final StockRepositories.Cans cans;
    private final FleetSettings settings;
    private final People people;
    private final OnceOnly onceOnly;
    private final FleetRevision revision;
    private final Clock clock;

    FuelController(
            StockRepositories.Cans cans,
            FleetSettings settings,
            People people,
            OnceOnly onceOnly,
            FleetRevision revision,
            Clock clock) {
        this.cans = cans;
        this.settings = settings;
        this.people = people;
        this.onceOnly = onceOnly;
        this.revision = revision;
        this.clock = clock;
    }

    /** A can that has fuel in it, and how old that is. */
    record CanView(
            UUID id, String name, int ratio, double fuelMl, double oilMl, LocalDate mixedOn, FuelAge age, String by) {}

    /** Fuel was mixed; {@code mixedOn} is absent for today. */
    record NewMix(
            UUID id,
            String name,
            int ratio,
            double amount,
            FuelUnit unit,
            @Nullable LocalDate mixedOn) {}

    /** A can is empty. */
    record Emptied(UUID id) {}

    /** Cans that have fuel in them, the oldest first. */
    @GetMapping("/api/fuel/cans")
    @Transactional(readOnly = true)
    List<CanView> cans() {
        Numbers numbers = settings.rules().numbers();
        LocalDate today = LocalDate.now(clock);
        Map<UUID, String> names = people.names();
        return cans.findAllByEmptiedAtIsNull().stream()
                .map(can -> {
                    FuelCan.Mixed mixed = can.mixed();
                    return new CanView(
                            can.id(),
                            mixed.name(),
                            mixed.ratio(),
                            mixed.fuelMl(),
                            FuelMix.oilMl(mixed.fuelMl(), mixed.ratio()),
                            mixed.mixedOn(),
                            FuelAge.of(mixed.mixedOn(), today, numbers),
                            names.getOrDefault(can.personId(), ""));
                })
                .sorted(Comparator.comparing(CanView::mixedOn).thenComparing(CanView::name))
                .toList();
    }

    /** The oil for any amount of fuel. */
    @GetMapping("/api/fuel/mix")
    FuelMix mix(@RequestParam double amount, @RequestParam FuelUnit unit, @RequestParam int ratio) {
        Violations wrong = new Violations();
        FuelMix mix = mix(amount, unit, ratio, wrong);
        wrong.refuseIfAny();
        return mix;
    }

    /** Anybody who mixes writes it down. */
    @PostMapping("/api/fuel/cans")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void mixed(@RequestBody NewMix given) {
        onceOnly.run(given.id(), given, () -> {
            revision.touchesNone();
            Person person = people.acting();
            Violations wrong = new Violations();
            String name = wrong.text("name", given.name(), 40);
            FuelMix mix = mix(given.amount(), given.unit(), given.ratio(), wrong);
            LocalDate today = LocalDate.now(clock);
            LocalDate mixedOn = given.mixedOn() == null ? today : given.mixedOn();
            if (mixedOn.isAfter(today)) {
                wrong.add("mixedOn", "time.future");
            }
            if (!FuelAge.believed(mixedOn, today)) {
                wrong.add("mixedOn", "fuel.longAgo");
            }
            if (name != null
                    && cans.findAllByEmptiedAtIsNull().stream()
                            .anyMatch(can -> can.mixed().name().equals(name))) {
                wrong.add("name", "fuel.canFull", name);
            }
            wrong.refuseIfAny();
            cans.save(new FuelCan(
                    given.id(),
                    new FuelCan.Mixed(name, given.ratio(), mix.fuelMl(), mixedOn),
                    clock.instant(),
                    person.id(),
                    Acting.deviceNow()));
        });
    }

    @PostMapping("/api/fuel/cans/{canId}/empty")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void emptied(@PathVariable UUID canId, @RequestBody Emptied given) {
        onceOnly.run(given.id(), List.of(canId, given), () -> {
            revision.touchesNone();
            Person person = people.acting();
            FuelCan can = cans.findById(canId).orElseThrow(() -> Refusal.gone("fuel.unknown"));
            if (!can.full()) {
                throw Refusal.conflict("", "fuel.empty", can.mixed().name());
            }
            can.empty(clock.instant(), person.id());
        });
    }

    private static FuelMix mix(double amount, FuelUnit unit, int ratio, Violations wrong) {
        double most = unit.ofMl(FuelMix.MOST_ML);
        if (!(amount > 0 && amount <= most)) {
            wrong.add("amount", "fuel.amount", Math.floor(most));
        }
        if (ratio < FuelMix.LEAST_RATIO || ratio > FuelMix.MOST_RATIO) {
            wrong.add("ratio", "fuel.ratio", FuelMix.LEAST_RATIO, FuelMix.MOST_RATIO);
        }
        return wrong.found() ? new FuelMix(0, 0, 0) : FuelMix.of(amount, unit, ratio);
    }
}
