package yellowtally.server.settings;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
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

    @Enumerated(EnumType.STRING)
    private Scope scope;

    private String scopeKey;

    /** For whom a value holds; the narrowest wins. */
    enum Scope {
        FLEET,
        MODEL,
        SAW
    }

    /**
     * A scope and whose it is.
     *
     * @param key make and model, or tag; empty for the fleet
     */
    record Reach(Scope scope, String key) {
        static final Reach FLEET = new Reach(Scope.FLEET, "");
    }

    protected SettingChange() {}

    SettingChange(UUID id, String key, Reach reach, @Nullable String value, String reason, Instant at, UUID personId) {
        this.scope = reach.scope();
        this.scopeKey = reach.key();
        this.id = id;
        this.settingKey = key;
        this.settingValue = value;
        this.reason = reason;
        this.at = at;
        this.personId = personId;
    }

    Reach reach() {
        return new Reach(scope, scopeKey);
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
