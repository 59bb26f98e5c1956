package yellowtally.server.fleet;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import java.io.Serializable;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/**
 * One stay of a part on a saw, from when to when: a view of the database over the fitting records, read and never written.
 * {@code sprocketId} is the sprocket that it ran with at first.
 */
@Entity
@Immutable
@SuppressWarnings("UnusedVariable") // Read by queries alone.
@IdClass(PartFitting.Key.class)
public class PartFitting {

    @Id
    private UUID partId;

    @Id
    private UUID sawId;

    @Id
    private Instant since;

    private @Nullable Instant until;
    private @Nullable UUID sprocketId;

    protected PartFitting() {}

    /** A part begins a stay on a saw but once in a moment. */
    record Key(UUID partId, UUID sawId, Instant since) implements Serializable {}
}
