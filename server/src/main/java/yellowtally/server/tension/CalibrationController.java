package yellowtally.server.tension;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.ScaleCalibration;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.TensionReading;
import yellowtally.core.tension.TensionSetting;
import yellowtally.core.tension.TensionSubject;
import yellowtally.core.tension.Work;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Replaces an estimated place on the common scale by readings of one chain with two methods. */
@RestController
class CalibrationController {

    /** Wider than any bar lets a chain be drawn; what belongs together is told by the rule. */
    private static final double MOST_PULL_MM = 100;

    private final FleetSettings settings;
    private final TensionRepositories.Calibrations calibrations;
    private final Fleet fleet;
    private final People people;
    private final OnceOnly onceOnly;
    private final EntityManager records;
    private final Clock clock;

    CalibrationController(
            FleetSettings settings,
            TensionRepositories.Calibrations calibrations,
            Fleet fleet,
            People people,
            OnceOnly onceOnly,
            EntityManager records,
            Clock clock) {
        this.settings = settings;
        this.calibrations = calibrations;
        this.fleet = fleet;
        this.people = people;
        this.onceOnly = onceOnly;
        this.records = records;
        this.clock = clock;
    }

    /** Two readings of one chain as typed, the adjuster not touched in between; the figure a length or degrees, by the method. */
    record NewCalibration(UUID id, String sawTag, TensionMethod method, String figure, String pullDown, Work work) {}

    /** Where the method lies now, as a share of the target pull-down, and how many pairs it stands on. */
    record Calibrated(TensionMethod method, double share, int pairs) {}

    @PostMapping("/api/calibrations")
    Calibrated calibrate(@RequestBody NewCalibration given) {
        onceOnly.run(given.id(), given, () -> record(given));
        List<Double> shares = shares(given.method());
        return new Calibrated(given.method(), ScaleCalibration.settled(shares), shares.size());
    }

    private void record(NewCalibration given) {
        Person person = people.actingOfficer();
        TensionSetting setting = ScaleCalibration.settingOf(given.method())
                .orElseThrow(() -> Refusal.unfit("method", "calibration.method"));
        Saw saw = fleet.sawInService(given.sawTag());
        HouseRules rules = settings.rules();
        Numbers now = rules.numbers();
        TensionSubject subject =
                CheckSubject.of(saw, fleet.set(saw), given.work(), now).subject();
        Violations wrong = new Violations();
        TensionReading reading = reading(given, rules, wrong);
        Optional<Double> pullDown = wrong.length("pullDown", given.pullDown(), rules.lengthUnit(), 0, MOST_PULL_MM);
        if (reading == null || pullDown.isEmpty()) {
            throw Refusal.unfit(wrong.faults());
        }
        double share = ScaleCalibration.share(reading, pullDown.get(), subject, now)
                .orElseThrow(() -> Refusal.unfit("figure", "calibration.pair"));
        List<Double> shares = new ArrayList<>(shares(given.method()));
        shares.add(share);
        Instant at = clock.instant();
        records.persist(new ScaleCalibrationRecord(
                given.id(),
                given.method(),
                saw.id(),
                reading.figure().orElseThrow(),
                pullDown.get(),
                share,
                at,
                person.id()));
        String reason = shares.size() == 1
                ? "Calibrated on saw " + saw.tag() + " by one pair of readings"
                : "Calibrated by " + shares.size() + " pairs of readings, the last on saw " + saw.tag();
        settings.change(setting, ScaleCalibration.settled(shares), reason, at, person.id());
    }

    private static @Nullable TensionReading reading(NewCalibration given, HouseRules rules, Violations wrong) {
        return given.method() == TensionMethod.RAIL_TOUCH
                ? wrong.length("figure", given.figure(), rules.lengthUnit(), 0, MOST_PULL_MM)
                        .<TensionReading>map(TensionReading.RailGap::new)
                        .orElse(null)
                : ReadingInput.degrees("figure", given.figure(), wrong);
    }

    private List<Double> shares(TensionMethod method) {
        return calibrations.findByMethod(method).stream()
                .map(ScaleCalibrationRecord::share)
                .toList();
    }
}
