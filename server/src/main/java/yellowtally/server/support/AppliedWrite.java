package yellowtally.server.support;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;

/** A write that was carried out, by its client-made id. */
@Entity
class AppliedWrite {

    @Id
    private UUID id;

    private String fingerprint;

    @Column
    private Instant at;

    protected AppliedWrite() {}

    AppliedWrite(UUID id, String fingerprint, Instant at) {
        this.id = id;
        this.fingerprint = fingerprint;
        this.at = at;
    }

    String fingerprint() {
        return fingerprint;
    }
}
