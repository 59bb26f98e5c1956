package yellowtally.server.worklog;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/**
 * Part of a record: it opened the cutting set, and was written down when the tension had been read after it already. Kept apart
 * since records of years are read for it, and few are.
 */
@Entity
class LateOpening {

    @Id
    @Column
    private UUID recordId;

    @Column
    private UUID sawId;

    @Column
    private Instant at;

    protected LateOpening() {}

    LateOpening(WorkRecord record) {
        this.recordId = record.id();
        this.sawId = record.sawId();
        this.at = record.at();
    }
}
