package yellowtally.server.people;

import jakarta.persistence.Column;
import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A record that may be struck out: it stays readable, and counts no more. */
@MappedSuperclass
public abstract class Strikable {

    @Column
    private @Nullable Instant struckAt;

    @Column
    private @Nullable UUID struckBy;

    @Column
    private @Nullable String struckDevice;

    @Column
    private @Nullable String struckReason;

    protected Strikable() {}

    /** Strikes it out, from the device of who acts now. */
    public void strike(Instant at, UUID personId, String reason) {
        this.struckAt = at;
        this.struckBy = personId;
        this.struckDevice = Acting.deviceOrNone();
        this.struckReason = reason;
    }

    /** Whether it counts no more. */
    public boolean struck() {
        return struckAt != null;
    }

    /** When it was struck out; {@code null} while it stands. */
    public @Nullable Instant struckAt() {
        return struckAt;
    }

    /** Who struck it out. */
    public @Nullable UUID struckBy() {
        return struckBy;
    }

    /** Why it was struck out. */
    public @Nullable String struckReason() {
        return struckReason;
    }
}
