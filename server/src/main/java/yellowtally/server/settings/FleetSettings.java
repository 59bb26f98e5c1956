package yellowtally.server.settings;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.TensionSetting;
import yellowtally.core.tension.TensionSettings;
import yellowtally.server.fleet.Saw;
import yellowtally.server.settings.SettingChange.Reach;
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

    /** The settings as they stand now. */
    public SettingsNow now() {
        return new SettingsNow(changes.findAllByOrderByAtAsc());
    }

    /** The fleet's own rules. */
    public HouseRules rules() {
        return now().rules();
    }

    /** The numbers of one saw. */
    public Numbers numbers(Saw saw) {
        return now().numbers(saw);
    }

    /** Records a new value of a number within the caller's transaction; {@code reason} says why. */
    public void change(TensionSetting setting, double value, String reason, Instant at, UUID personId) {
        refuseDisorder(setting, value);
        records.persist(new SettingChange(
                UUID.randomUUID(), setting.key(), Reach.FLEET, Double.toString(value), reason, at, personId));
    }

    /** Refuses a value that would pass a neighbour which must stay above or below it. */
    void refuseDisorder(TensionSetting setting, @Nullable Double value) {
        Map<TensionSetting, Double> changed = now().tension();
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
}
