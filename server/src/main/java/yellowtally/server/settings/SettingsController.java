package yellowtally.server.settings;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.house.HouseNumbers;
import yellowtally.core.measure.Rounding;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.settings.SettingUnit;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.settings.SettingChange.Reach;
import yellowtally.server.settings.SettingChange.Scope;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Shows and changes the settings of the fleet, of a model or of one saw. */
@RestController
class SettingsController {

    private final FleetSettings settings;
    private final Fleet fleet;
    private final People people;
    private final OnceOnly onceOnly;
    private final FleetRevision revision;
    private final EntityManager records;
    private final WatchesSettings watch;
    private final Clock clock;

    SettingsController(
            FleetSettings settings,
            Fleet fleet,
            People people,
            OnceOnly onceOnly,
            FleetRevision revision,
            EntityManager records,
            WatchesSettings watch,
            Clock clock) {
        this.settings = settings;
        this.fleet = fleet;
        this.people = people;
        this.onceOnly = onceOnly;
        this.revision = revision;
        this.records = records;
        this.watch = watch;
        this.clock = clock;
    }

    /** All settings within one scope; what a narrower scope cannot change is left out there. */
    record SettingsView(List<ChoiceView> choices, List<DayView> days, List<NumberView> numbers) {}

    /** A choice, its options and what is chosen. */
    record ChoiceView(
            String key,
            String value,
            String standard,
            List<String> options,
            String why,
            @Nullable Changed changed) {}

    /** A day of the year, month and day as {@code 04-01}. */
    record DayView(
            String key,
            String value,
            String standard,
            String why,
            @Nullable Changed changed) {}

    /**
     * A number and what is behind it.
     *
     * @param standard what holds without a change in this scope
     * @param allowed the range in words, in the units of the fleet
     * @param taken what it counts as, since the work turned out to take so long; absent where it counts as set
     */
    record NumberView(
            String key,
            double value,
            double standard,
            SettingUnit unit,
            double min,
            double max,
            String allowed,
            boolean estimated,
            String source,
            String why,
            @Nullable Changed changed,
            @Nullable CountsAs taken) {}

    /**
     * What work turned out to take.
     *
     * @param counts minutes that it counts
     * @param times how often it was done
     * @param from minutes at least, in eight of ten cases (est.)
     * @param to minutes at most
     */
    record CountsAs(double counts, double times, double from, double to, Instant since) {}

    /** Who changed a setting, when and why. */
    record Changed(String by, Instant at, String reason) {}

    /** A new value; absent puts the setting back to its standard. {@code scopeSaw} names the saw, or one of the model. */
    record NewValue(
            UUID id,
            String key,
            @Nullable String value,
            String reason,
            @Nullable Scope scope,
            @Nullable String scopeSaw) {}

    @GetMapping("/api/settings")
    SettingsView settings(
            @RequestParam(required = false) @Nullable Scope scope,
            @RequestParam(required = false) @Nullable String saw) {
        Reach reach = reach(scope, saw);
        SettingsInForce now = settings.now();
        boolean all = reach.scope() == Scope.FLEET;
        Map<String, SettingChange> own = now.at(reach);
        List<ChoiceView> choices = Arrays.stream(ChoiceSetting.values())
                .filter(c -> all || c.scoped())
                .map(c -> choice(c, now, reach, saw))
                .toList();
        List<DayView> days = Arrays.stream(DaySetting.values())
                .filter(d -> all)
                .map(d -> new DayView(
                        d.key(),
                        DaySetting.write(now.day(d)),
                        DaySetting.write(d.standard()),
                        d.why(),
                        changed(own.get(d.key()))))
                .toList();
        List<NumberView> numbers = HouseNumbers.list().stream()
                .filter(n -> all || !n.fleetOnly())
                .map(n -> number(n, now, reach, saw))
                .toList();
        return new SettingsView(choices, days, numbers);
    }

    private ChoiceView choice(ChoiceSetting choice, SettingsInForce now, Reach reach, @Nullable String saw) {
        SettingChange own = now.at(reach).get(choice.key());
        String above = reach.scope() == Scope.FLEET
                ? choice.standard()
                : wider(choice.key(), now, reach, saw).orElse(choice.standard());
        String value = own == null || own.value() == null ? above : own.value();
        return new ChoiceView(choice.key(), value, above, choice.options(), choice.why(), changed(own));
    }

    private NumberView number(NumberSetting n, SettingsInForce now, Reach reach, @Nullable String saw) {
        SettingChange own = now.at(reach).get(n.key());
        double above = wider(n.key(), now, reach, saw).map(Double::valueOf).orElse(n.standard());
        double value = own == null || own.value() == null ? above : Double.parseDouble(own.value());
        return new NumberView(
                n.key(),
                value,
                above,
                n.unit(),
                n.min(),
                n.max(),
                SettingText.range(n.min(), n.max(), n.unit(), now),
                n.estimated(),
                n.source(),
                n.why(),
                changed(own),
                reach.scope() == Scope.FLEET
                        ? now.correction(n.key())
                                .flatMap(SettingsController::countsAs)
                                .orElse(null)
                        : null);
    }

    private static Optional<CountsAs> countsAs(MinutesTaken taken) {
        return Optional.ofNullable(taken.counts())
                .map(counts -> new CountsAs(counts, taken.times(), taken.atLeast(), taken.atMost(), taken.at()));
    }

    /** What holds in the scopes around this one. */
    private Optional<String> wider(String key, SettingsInForce now, Reach reach, @Nullable String tag) {
        if (reach.scope() == Scope.FLEET || tag == null) {
            return Optional.empty();
        }
        Optional<String> model = reach.scope() == Scope.SAW
                ? Optional.ofNullable(
                                now.at(SettingsInForce.model(fleet.saw(tag))).get(key))
                        .map(SettingChange::value)
                : Optional.empty();
        return model.or(() -> Optional.ofNullable(now.at(Reach.FLEET).get(key)).map(SettingChange::value));
    }

    private Reach reach(@Nullable Scope scope, @Nullable String tag) {
        if (scope == null || scope == Scope.FLEET) {
            return Reach.FLEET;
        }
        Saw saw = fleet.saw(tag == null ? "" : tag);
        return scope == Scope.SAW ? SettingsInForce.own(saw) : SettingsInForce.model(saw);
    }

    @PostMapping("/api/settings/changes")
    SettingsView change(@RequestBody NewValue given) {
        onceOnly.run(given.id(), given, () -> {
            Person person = people.actingOfficer();
            Violations wrong = new Violations();
            String reason = wrong.text("reason", given.reason(), 300);
            Reach reach = reach(given.scope(), given.scopeSaw());
            revision.touchesNone();
            String value = checked(given, reach, wrong);
            wrong.refuseIfAny();
            SettingChange change =
                    new SettingChange(given.id(), given.key(), reach, value, reason, clock.instant(), person.id());
            Runnable afterwards = watch.before(person.id());
            HouseNumbers.find(given.key())
                    .ifPresentOrElse(number -> settings.record(number, change), () -> records.persist(change));
            afterwards.run();
        });
        return settings(given.scope(), given.scopeSaw());
    }

    private @Nullable String checked(NewValue given, Reach reach, Violations wrong) {
        boolean narrow = reach.scope() != Scope.FLEET;
        for (ChoiceSetting choice : ChoiceSetting.values()) {
            if (choice.key().equals(given.key())) {
                refuseNarrow(narrow && !choice.scoped());
                if (given.value() != null && !choice.options().contains(given.value())) {
                    wrong.add("value", "setting.choice");
                }
                return given.value();
            }
        }
        for (DaySetting day : DaySetting.values()) {
            if (day.key().equals(given.key())) {
                refuseNarrow(narrow);
                if (given.value() != null && DaySetting.read(given.value()).isEmpty()) {
                    wrong.add("value", "setting.day");
                }
                return given.value() == null ? null : given.value().strip();
            }
        }
        return checkedNumber(given, narrow, wrong);
    }

    private @Nullable String checkedNumber(NewValue given, boolean narrow, Violations wrong) {
        NumberSetting setting =
                HouseNumbers.find(given.key()).orElseThrow(() -> Refusal.unfit("key", "setting.unknown"));
        refuseNarrow(narrow && setting.fleetOnly());
        if (given.value() == null) {
            return null;
        }
        double value = SettingText.read(given.value(), setting.unit(), settings).orElse(Double.NaN);
        if (!(value >= setting.min() && value <= setting.max())) {
            wrong.add(
                    "value",
                    "setting.value",
                    SettingText.said(setting.min(), setting.unit(), Rounding.UP),
                    SettingText.said(setting.max(), setting.unit(), Rounding.DOWN));
            return null;
        }
        return Double.toString(value);
    }

    private static void refuseNarrow(boolean narrow) {
        if (narrow) {
            throw Refusal.unfit("key", "setting.fleetOnly");
        }
    }

    private @Nullable Changed changed(@Nullable SettingChange change) {
        return change == null
                ? null
                : new Changed(people.require(change.personId()).name(), change.at(), change.reason());
    }
}
