package yellowtally.server.fleet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

/** Record: a part was retired, or brought back. Never changed. */
@Entity
public class PartEvent {

    /** What happened. */
    public enum PartEventKind {
        RETIRED,
        BROUGHT_BACK
    }

    @Id
    @Column
    private UUID id;

    @Column
    private UUID partId;

    @Enumerated(EnumType.STRING)
    private PartEventKind kind;

    private Instant at;
    private @Nullable UUID personId;

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    private String reason;

    protected PartEvent() {}

    PartEvent(UUID id, UUID partId, PartEventKind kind, Instant at, UUID personId, String reason) {
        this.id = id;
        this.partId = partId;
        this.kind = kind;
        this.at = at;
        this.personId = personId;
        this.reason = reason;
    }

    public PartEventKind kind() {
        return kind;
    }

    public Instant at() {
        return at;
    }

    /** Absent where it was not kept who did it. */
    public @Nullable UUID personId() {
        return personId;
    }

    public String reason() {
        return reason;
    }
}
