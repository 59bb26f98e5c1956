package yellowtally.server.settings;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.minutes.TakenMinutes;
import yellowtally.server.people.Acting;

/** Record: an estimate was corrected by what the work took. Holds until the next of its setting, or until people set it anew. */
@Entity
class MinutesTaken {

    @Id
    private UUID id;

    private String settingKey;

    @Column
    private @Nullable Double counts;

    private double times;
    private double atLeast;
    private double atMost;
    private Instant at;

    /** Who ended the visit that told it. */
    @Column
    private UUID personId;

    @Column
    private @Nullable String device = Acting.deviceOrNone();

    protected MinutesTaken() {}

    /**
     * What was told.
     *
     * @param counts minutes from now on; {@code null} for what people set
     */
    MinutesTaken(String key, @Nullable Double counts, TakenMinutes told, Instant at, UUID personId) {
        this.id = UUID.randomUUID();
        this.settingKey = key;
        this.counts = counts;
        this.times = told.times();
        this.atLeast = told.from();
        this.atMost = told.to();
        this.at = at;
        this.personId = personId;
    }

    String key() {
        return settingKey;
    }

    @Nullable
    Double counts() {
        return counts;
    }

    double times() {
        return times;
    }

    double atLeast() {
        return atLeast;
    }

    double atMost() {
        return atMost;
    }

    Instant at() {
        return at;
    }
}
