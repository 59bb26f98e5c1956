package yellowtally.server.worklog;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.waiting.FitState;
import yellowtally.server.people.Acting;
import yellowtally.server.people.Strikable;

/** Record: a saw lay on the bench. Its steps are told by {@link VisitEventRow}s, what was done in them by work records. */
@Entity
public class Visit extends Strikable {

    @Id
    private UUID id;

    @Version
    private @Nullable Integer version;

    private UUID sawId;
    private Instant startedAt;
    private UUID startedBy;

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    private @Nullable Instant endedAt;
    private @Nullable UUID endedBy;

    @Column
    private @Nullable String endedDevice;

    private @Nullable String leftOpenReason;

    @Enumerated(EnumType.STRING)
    private @Nullable FitState decision;

    private @Nullable UUID openSawId;

    @Column
    private @Nullable UUID amendsId;

    protected Visit() {}

    public Visit(UUID id, UUID sawId, Instant startedAt, UUID startedBy) {
        this.id = id;
        this.sawId = sawId;
        this.startedAt = startedAt;
        this.startedBy = startedBy;
        this.openSawId = sawId;
    }

    /** Ends the visit. {@code decided} is what the rules made of the saw at that moment. */
    public void end(Instant at, UUID personId, @Nullable String leftOpen, FitState decided) {
        this.endedAt = at;
        this.endedBy = personId;
        this.endedDevice = Acting.deviceOrNone();
        this.leftOpenReason = leftOpen;
        this.decision = decided;
        this.openSawId = null;
    }

    /** Strikes the whole visit out; its records are struck out one by one with it. */
    @Override
    public void strike(Instant at, UUID personId, String reason) {
        super.strike(at, personId, reason);
        this.openSawId = null;
    }

    /** Says which struck visit it takes the place of. */
    public Visit amending(UUID earlier) {
        this.amendsId = earlier;
        return this;
    }

    public UUID id() {
        return id;
    }

    public UUID sawId() {
        return sawId;
    }

    public Instant startedAt() {
        return startedAt;
    }

    public UUID startedBy() {
        return startedBy;
    }

    @Nullable
    public Instant endedAt() {
        return endedAt;
    }

    @Nullable
    public UUID endedBy() {
        return endedBy;
    }

    public @Nullable String leftOpenReason() {
        return leftOpenReason;
    }

    public @Nullable FitState decision() {
        return decision;
    }

    public boolean open() {
        return openSawId != null;
    }
}
