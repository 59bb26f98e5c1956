package yellowtally.server.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** Record: a saw was held, by a check that found a throw risk. Ended by a {@link HoldRelease}, never changed. */
@Entity
public class Hold {

    @Id
    private UUID id;

    private UUID sawId;
    private String reason;
    private UUID checkId;
    private Instant at;
    private UUID personId;

    protected Hold() {}

    public Hold(UUID id, UUID sawId, String reason, UUID checkId, Instant at, UUID personId) {
        this.id = id;
        this.sawId = sawId;
        this.reason = reason;
        this.checkId = checkId;
        this.at = at;
        this.personId = personId;
    }

    UUID id() {
        return id;
    }

    UUID sawId() {
        return sawId;
    }

    Instant at() {
        return at;
    }

    UUID personId() {
        return personId;
    }
}
