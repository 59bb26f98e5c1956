package yellowtally.server.worklog;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** Record: an earlier record was struck out, by undo or by an amendment. It stays readable and counts no more. */
@Entity
public class WorkVoid {

    @Id
    private UUID recordId;

    private String reason;
    private Instant at;
    private UUID personId;

    protected WorkVoid() {}

    public WorkVoid(UUID recordId, String reason, Instant at, UUID personId) {
        this.recordId = recordId;
        this.reason = reason;
        this.at = at;
        this.personId = personId;
    }

    public UUID recordId() {
        return recordId;
    }

    public String reason() {
        return reason;
    }

    /** When it was struck out, not when the record was made. */
    public Instant at() {
        return at;
    }

    /** Who struck it out. */
    public UUID personId() {
        return personId;
    }
}
