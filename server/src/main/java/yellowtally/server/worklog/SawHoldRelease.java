package yellowtally.server.worklog;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** Record: an officer released a held saw after every reason was cleared. */
@Entity
public class SawHoldRelease {

    @Id
    private UUID holdId;

    private Instant at;
    private UUID personId;

    protected SawHoldRelease() {}

    public SawHoldRelease(UUID holdId, Instant at, UUID personId) {
        this.holdId = holdId;
        this.at = at;
        this.personId = personId;
    }

    public UUID holdId() {
        return holdId;
    }

    public Instant at() {
        return at;
    }

    public UUID personId() {
        return personId;
    }
}
