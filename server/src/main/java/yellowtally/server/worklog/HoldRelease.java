package yellowtally.server.worklog;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

/**
 * Record: an officer released a hold after every reason was proved away. It stands while its proofs stand: struck out, one of
 * them takes it along.
 */
@Entity
public class HoldRelease {

    @Id
    private UUID id;

    private UUID holdId;
    private Instant at;
    private UUID personId;

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    @ElementCollection
    @CollectionTable(name = "hold_proof", joinColumns = @JoinColumn(name = "release_id"))
    @Column(name = "record_id")
    private Set<UUID> proofs = new HashSet<>();

    protected HoldRelease() {}

    public HoldRelease(UUID id, UUID holdId, Instant at, UUID personId, Collection<UUID> proofs) {
        this.id = id;
        this.holdId = holdId;
        this.at = at;
        this.personId = personId;
        this.proofs.addAll(proofs);
    }

    public UUID id() {
        return id;
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

    /** The records that it stands on; a copy, so that it can be read when the session is over. */
    public Set<UUID> proofs() {
        return Set.copyOf(proofs);
    }
}
