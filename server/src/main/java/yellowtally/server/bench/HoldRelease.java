package yellowtally.server.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** Record: an officer released a held saw after a check that passed. */
@Entity
class HoldRelease {

    @Id
    private UUID holdId;

    private UUID clearingCheckId;
    private Instant at;
    private UUID personId;

    protected HoldRelease() {}

    HoldRelease(UUID holdId, UUID clearingCheckId, Instant at, UUID personId) {
        this.holdId = holdId;
        this.clearingCheckId = clearingCheckId;
        this.at = at;
        this.personId = personId;
    }
}
