package yellowtally.server.away;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;
import yellowtally.server.people.Strikable;

/** Record: somebody looked at a part on the shelf when it was back. It may be struck out once. */
@Entity
class PartLook extends Strikable {

    @Id
    private UUID id;

    @Version
    private @Nullable Integer version;

    private UUID awayId;
    private Instant at;
    private UUID personId;

    @Column
    private @Nullable String device = Acting.deviceOrNone();

    /** For Hibernate, which fills the fields. */
    @SuppressWarnings("NullAway.Init")
    protected PartLook() {}

    PartLook(UUID id, UUID awayId, Instant at, UUID personId) {
        this.id = id;
        this.awayId = awayId;
        this.at = at;
        this.personId = personId;
    }

    UUID id() {
        return id;
    }

    UUID awayId() {
        return awayId;
    }

    Instant at() {
        return at;
    }

    UUID personId() {
        return personId;
    }
}
