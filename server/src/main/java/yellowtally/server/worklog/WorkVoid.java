package yellowtally.server.worklog;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;
import yellowtally.server.support.Numbered;
import yellowtally.server.support.RecordNumbers;

/** Record: an earlier record was struck out, by undo or by an amendment. It stays readable and counts no more. */
@Entity
@EntityListeners(RecordNumbers.class)
public class WorkVoid implements Numbered {

    @Id
    private UUID recordId;

    private long seq;
    private String reason;
    private Instant at;
    private UUID personId;

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    protected WorkVoid() {}

    public WorkVoid(UUID recordId, String reason, Instant at, UUID personId) {
        this.recordId = recordId;
        this.reason = reason;
        this.at = at;
        this.personId = personId;
    }

    @Override
    public void number(long given) {
        this.seq = given;
    }

    /** Its place in the order in which records are written. */
    public long seq() {
        return seq;
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
