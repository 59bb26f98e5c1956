package yellowtally.server.settings;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.TensionSetting;
import yellowtally.core.tension.TensionSettings;
import yellowtally.server.support.Refusal;

/** The settings in force, from the records of their changes. */
@Service
public class FleetSettings {

    private final SettingStores.Changes changes;
    private final EntityManager records;

    FleetSettings(SettingStores.Changes changes, EntityManager records) {
        this.changes = changes;
        this.records = records;
    }

    public HouseRules rules() {
        Map<String, SettingChange> latest = latest();
        return new HouseRules(
                new TensionSettings(numbers(latest)),
                TensionMethod.valueOf(choice(latest, ChoiceSetting.HOUSE_METHOD)),
                LengthUnit.valueOf(choice(latest, ChoiceSetting.LENGTH_UNIT)));
    }

    /** Records a new value of a number within the caller's transaction; {@code reason} says why. */
    public void change(TensionSetting setting, double value, String reason, Instant at, UUID personId) {
        refuseDisorder(setting, value);
        records.persist(
                new SettingChange(UUID.randomUUID(), setting.key(), Double.toString(value), reason, at, personId));
    }

    /** Refuses a value that would pass a neighbour which must stay above or below it. */
    void refuseDisorder(TensionSetting setting, @Nullable Double value) {
        Map<TensionSetting, Double> changed = numbers(latest());
        if (value == null) {
            changed.remove(setting);
        } else {
            changed.put(setting, value);
        }
        List<TensionSettings.Disorder> disorder = new TensionSettings(changed).disorder();
        if (!disorder.isEmpty()) {
            TensionSettings.Disorder first = disorder.get(0);
            throw Refusal.unfit(
                    "value",
                    "setting.disorder",
                    first.lower().key(),
                    first.upper().key());
        }
    }

    /** The change in force of each key that has one. */
    Map<String, SettingChange> latest() {
        Map<String, SettingChange> latest = new HashMap<>();
        changes.findAllByOrderByAtAsc().forEach(change -> latest.put(change.key(), change));
        latest.values().removeIf(change -> change.value() == null);
        return latest;
    }

    static Map<TensionSetting, Double> numbers(Map<String, SettingChange> latest) {
        Map<TensionSetting, Double> numbers = new EnumMap<>(TensionSetting.class);
        for (TensionSetting setting : TensionSetting.values()) {
            SettingChange change = latest.get(setting.key());
            if (change != null && change.value() != null) {
                numbers.put(setting, Double.valueOf(change.value()));
            }
        }
        return numbers;
    }

    static String choice(Map<String, SettingChange> latest, ChoiceSetting setting) {
        SettingChange change = latest.get(setting.key());
        return change == null || change.value() == null ? setting.standard() : change.value();
    }
}
