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

/** Record: a saw left the fleet, came back, or was given another tag. Never changed. */
@Entity
public class SawEvent {

    /** What happened. */
    public enum SawEventKind {
        RETIRED,
        BROUGHT_BACK,
        TAGGED
    }

    @Id
    private UUID id;

    private UUID sawId;

    @Enumerated(EnumType.STRING)
    private SawEventKind kind;

    private Instant at;
    private @Nullable UUID personId;

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    private String reason;
    private @Nullable String tagBefore;

    protected SawEvent() {}

    /** {@code tagBefore} only of a saw that was given another. */
    SawEvent(
            UUID id,
            UUID sawId,
            SawEventKind kind,
            Instant at,
            UUID personId,
            String reason,
            @Nullable String tagBefore) {
        this.id = id;
        this.sawId = sawId;
        this.kind = kind;
        this.at = at;
        this.personId = personId;
        this.reason = reason;
        this.tagBefore = tagBefore;
    }

    public UUID id() {
        return id;
    }

    public UUID sawId() {
        return sawId;
    }

    public SawEventKind kind() {
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

    public @Nullable String tagBefore() {
        return tagBefore;
    }

    /** On which device it was written down; absent in what is older than that. */
    public @Nullable String device() {
        return device;
    }
}
