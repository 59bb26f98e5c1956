package yellowtally.server.faults;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Record: somebody complained of a saw. Never changed; what happens to it is told by its {@link FaultEventRow}s. */
@Entity
class Fault {

    @Id
    private UUID id;

    private UUID sawId;
    private String complaint;

    @Enumerated(EnumType.STRING)
    private FaultOrigin origin;

    private @Nullable String seen;
    private Instant at;
    private UUID personId;

    @Column
    private String device;

    @Column
    private @Nullable UUID outingId;

    @Column
    private @Nullable UUID recordId;

    protected Fault() {}

    /**
     * What somebody says.
     *
     * @param seen what was seen, in a few words
     * @param outingId the outing it came back from
     * @param recordId the record at the bench that found it
     */
    record Said(
            UUID id,
            UUID sawId,
            String complaint,
            FaultOrigin origin,
            @Nullable String seen,
            Instant at,
            UUID personId,
            String device,
            @Nullable UUID outingId,
            @Nullable UUID recordId) {}

    Fault(Said said) {
        this.id = said.id();
        this.sawId = said.sawId();
        this.complaint = said.complaint();
        this.origin = said.origin();
        this.seen = said.seen();
        this.at = said.at();
        this.personId = said.personId();
        this.device = said.device();
        this.outingId = said.outingId();
        this.recordId = said.recordId();
    }

    UUID id() {
        return id;
    }

    UUID sawId() {
        return sawId;
    }

    String complaint() {
        return complaint;
    }

    FaultOrigin origin() {
        return origin;
    }

    @Nullable
    String seen() {
        return seen;
    }

    Instant at() {
        return at;
    }

    UUID personId() {
        return personId;
    }
}
