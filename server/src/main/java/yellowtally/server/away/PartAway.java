package yellowtally.server.away;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Record: a loop, bar or sprocket went to a mechanic or dealer, and came back. */
@Entity
class PartAway extends TimeAway {

    private UUID partId;

    /** The same while it is away. */
    @Column
    private @Nullable UUID openPartId;

    /** For Hibernate, which fills the fields. */
    @SuppressWarnings("NullAway.Init")
    protected PartAway() {}

    PartAway(UUID id, UUID partId, Going going, UUID personId) {
        super(id, going, personId);
        this.partId = partId;
        this.openPartId = partId;
    }

    UUID partId() {
        return partId;
    }

    @Override
    void isHere() {
        this.openPartId = null;
    }
}
