package yellowtally.server.settings;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

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

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    @Enumerated(EnumType.STRING)
    private Scope scope;

    private @Nullable UUID modelId;
    private @Nullable UUID sawId;

    /** For whom a value holds; the narrowest wins. */
    enum Scope {
        FLEET,
        MODEL,
        SAW
    }

    /**
     * A scope and whose it is.
     *
     * @param id of the model or saw; {@code null} for the fleet
     */
    record Reach(Scope scope, @Nullable UUID id) {
        static final Reach FLEET = new Reach(Scope.FLEET, null);
    }

    protected SettingChange() {}

    SettingChange(UUID id, String key, Reach reach, @Nullable String value, String reason, Instant at, UUID personId) {
        this.scope = reach.scope();
        this.modelId = reach.scope() == Scope.MODEL ? reach.id() : null;
        this.sawId = reach.scope() == Scope.SAW ? reach.id() : null;
        this.id = id;
        this.settingKey = key;
        this.settingValue = value;
        this.reason = reason;
        this.at = at;
        this.personId = personId;
    }

    Reach reach() {
        return new Reach(scope, scope == Scope.MODEL ? modelId : sawId);
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
