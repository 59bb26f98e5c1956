package yellowtally.server.away;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Record: a saw went to a mechanic or dealer, and came back. */
@Entity
class Away extends TimeAway {

    private UUID sawId;

    /** The same while it is away. */
    @Column
    private @Nullable UUID openSawId;

    /** For Hibernate, which fills the fields. */
    @SuppressWarnings("NullAway.Init")
    protected Away() {}

    Away(UUID id, UUID sawId, Going going, UUID personId) {
        super(id, going, personId);
        this.sawId = sawId;
        this.openSawId = sawId;
    }

    UUID sawId() {
        return sawId;
    }

    @Override
    void isHere() {
        this.openSawId = null;
    }
}
