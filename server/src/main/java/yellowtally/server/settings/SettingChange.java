package yellowtally.server.settings;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Record: somebody changed a setting, or put it back to its standard (no value). The latest record of a key holds. */
@Entity
class SettingChange {

    @Id
    private UUID id;

    private String settingKey;
    private @Nullable String settingValue;
    private String reason;
    private Instant at;
    private UUID personId;

    protected SettingChange() {}

    SettingChange(UUID id, String key, @Nullable String value, String reason, Instant at, UUID personId) {
        this.id = id;
        this.settingKey = key;
        this.settingValue = value;
        this.reason = reason;
        this.at = at;
        this.personId = personId;
    }

    String key() {
        return settingKey;
    }

    @Nullable
    String value() {
        return settingValue;
    }

    String reason() {
        return reason;
    }

    Instant at() {
        return at;
    }

    UUID personId() {
        return personId;
    }
}
