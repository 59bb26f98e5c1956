package yellowtally.server.settings;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.settings.SettingUnit;
import yellowtally.core.tension.TensionSetting;
import yellowtally.core.tension.TensionSettings;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Shows and changes the fleet's settings. */
@RestController
class SettingsController {

    private final FleetSettings settings;
    private final People people;
    private final OnceOnly onceOnly;
    private final EntityManager records;
    private final Clock clock;

    SettingsController(FleetSettings settings, People people, OnceOnly onceOnly, EntityManager records, Clock clock) {
        this.settings = settings;
        this.people = people;
        this.onceOnly = onceOnly;
        this.records = records;
        this.clock = clock;
    }

    /** All settings. */
    record SettingsView(List<ChoiceView> choices, List<NumberView> numbers) {}

    /** A choice, its options and what is chosen. */
    record ChoiceView(
            String key,
            String value,
            String standard,
            List<String> options,
            String why,
            @Nullable Changed changed) {}

    /** A number and what is behind it. */
    record NumberView(
            String key,
            double value,
            double standard,
            SettingUnit unit,
            double min,
            double max,
            boolean estimated,
            String source,
            String why,
            @Nullable Changed changed) {}

    /** Who changed a setting, when and why. */
    record Changed(String by, Instant at, String reason) {}

    /** A new value; absent puts the setting back to its standard. */
    record NewValue(
            UUID id, UUID personId, String key, @Nullable String value, String reason) {}

    @GetMapping("/api/settings")
    SettingsView settings() {
        Map<String, SettingChange> latest = settings.latest();
        TensionSettings tension = new TensionSettings(FleetSettings.numbers(latest));
        List<ChoiceView> choices = Arrays.stream(ChoiceSetting.values())
                .map(c -> new ChoiceView(
                        c.key(),
                        FleetSettings.choice(latest, c),
                        c.standard(),
                        c.options(),
                        c.why(),
                        changed(latest.get(c.key()))))
                .toList();
        List<NumberView> numbers = Arrays.stream(TensionSetting.values())
                .map(s -> new NumberView(
                        s.key(),
                        tension.of(s),
                        s.standard(),
                        s.unit(),
                        s.min(),
                        s.max(),
                        s.estimated(),
                        s.source(),
                        s.why(),
                        changed(latest.get(s.key()))))
                .toList();
        return new SettingsView(choices, numbers);
    }

    @PostMapping("/api/settings/changes")
    SettingsView change(@RequestBody NewValue given) {
        onceOnly.run(given.id(), given, () -> {
            Person person = people.require(given.personId());
            Violations wrong = new Violations();
            String reason = wrong.text("reason", given.reason(), 300);
            String value = checked(given, wrong);
            wrong.refuseIfAny();
            records.persist(new SettingChange(given.id(), given.key(), value, reason, clock.instant(), person.id()));
        });
        return settings();
    }

    private @Nullable String checked(NewValue given, Violations wrong) {
        for (ChoiceSetting choice : ChoiceSetting.values()) {
            if (choice.key().equals(given.key())) {
                if (given.value() != null && !choice.options().contains(given.value())) {
                    wrong.add("value", "setting.choice");
                }
                return given.value();
            }
        }
        TensionSetting setting = Arrays.stream(TensionSetting.values())
                .filter(s -> s.key().equals(given.key()))
                .findFirst()
                .orElseThrow(() -> Refusal.unfit("key", "setting.unknown"));
        Double value = number(given.value());
        if (value != null && !(value >= setting.min() && value <= setting.max())) {
            wrong.add("value", "setting.value", setting.min(), setting.max());
            return null;
        }
        settings.refuseDisorder(setting, value);
        return value == null ? null : value.toString();
    }

    private static @Nullable Double number(@Nullable String text) {
        if (text == null) {
            return null;
        }
        try {
            return Double.valueOf(text.strip().replace(',', '.'));
        } catch (NumberFormatException e) {
            return Double.NaN;
        }
    }

    private @Nullable Changed changed(@Nullable SettingChange change) {
        return change == null
                ? null
                : new Changed(people.require(change.personId()).name(), change.at(), change.reason());
    }
}
