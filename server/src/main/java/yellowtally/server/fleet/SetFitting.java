package yellowtally.server.fleet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Record: what was on a saw from a moment on. The next record of the same saw ends it; parts absent were taken off. Never
 * changed once written.
 */
@Entity
public class SetFitting {

    @Id
    private UUID id;

    private UUID sawId;
    private @Nullable UUID chainId;
    private @Nullable UUID barId;
    private @Nullable UUID sprocketId;
    private boolean newChain;
    private @Nullable Double soakHours;
    private @Nullable String note;
    private Instant at;

    @Column
    private Instant recordedAt;

    private UUID personId;

    @Column
    private String device;

    protected SetFitting() {}

    public SetFitting(
            UUID id,
            UUID sawId,
            @Nullable UUID chainId,
            @Nullable UUID barId,
            @Nullable UUID sprocketId,
            boolean newChain,
            @Nullable Double soakHours,
            @Nullable String note,
            Instant at,
            Instant recordedAt,
            UUID personId,
            String device) {
        this.id = id;
        this.sawId = sawId;
        this.chainId = chainId;
        this.barId = barId;
        this.sprocketId = sprocketId;
        this.newChain = newChain;
        this.soakHours = soakHours;
        this.note = note;
        this.at = at;
        this.recordedAt = recordedAt;
        this.personId = personId;
        this.device = device;
    }

    public UUID id() {
        return id;
    }

    public UUID sawId() {
        return sawId;
    }

    public @Nullable UUID chainId() {
        return chainId;
    }

    public @Nullable UUID barId() {
        return barId;
    }

    public @Nullable UUID sprocketId() {
        return sprocketId;
    }

    public boolean newChain() {
        return newChain;
    }

    public @Nullable Double soakHours() {
        return soakHours;
    }

    public @Nullable String note() {
        return note;
    }

    public Instant at() {
        return at;
    }

    public UUID personId() {
        return personId;
    }

    /** On which device it was written down; absent in what is older than that. */
    public @Nullable String device() {
        return device;
    }
}
