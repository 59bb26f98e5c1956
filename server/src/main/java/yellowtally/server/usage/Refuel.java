package yellowtally.server.usage;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

/** Record: one tank filled while a saw is out. */
@Entity
class Refuel {

    @Id
    private UUID id;

    private UUID outingId;

    @Column
    private Instant at;

    @Column
    private UUID personId;

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    @Column
    private @Nullable Double oilShare;

    @Column
    private @Nullable Instant struckAt;

    @Column
    private @Nullable UUID struckBy;

    @Column
    private @Nullable String struckDevice;

    protected Refuel() {}

    /** {@code oilShare}: tanks of bar oil filled with it; {@code null} when nobody looked. */
    Refuel(UUID id, UUID outingId, Instant at, UUID personId, @Nullable Double oilShare) {
        this.id = id;
        this.outingId = outingId;
        this.at = at;
        this.personId = personId;
        this.oilShare = oilShare;
    }

    UUID outingId() {
        return outingId;
    }

    /** The same under the entry that takes the place of its own. */
    Refuel under(UUID id, UUID outing) {
        return new Refuel(id, outing, at, personId, oilShare);
    }

    /** Strikes it out: the key was pressed once too often. */
    void strike(Instant at, UUID personId) {
        this.struckAt = at;
        this.struckBy = personId;
        this.struckDevice = Acting.deviceOrNone();
    }
}
