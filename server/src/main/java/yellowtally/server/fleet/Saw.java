package yellowtally.server.fleet;

import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A saw of the fleet. Its tag and card can be changed, its former tags stay its own; a retired saw stays for its history. */
@Entity
public class Saw implements AnySaw {

    @Id
    private UUID id;

    @Version
    private @Nullable Integer version;

    private String tag;

    /** The same however it is written; kept and looked up by the database. */
    @Column(insertable = false, updatable = false)
    @SuppressWarnings("unused")
    private @Nullable String tagKey;

    @Embedded
    private SawDetails details;

    private @Nullable UUID fittingId;
    private @Nullable Instant retiredAt;
    private @Nullable String retiredReason;

    protected Saw() {}

    public Saw(UUID id, String tag, SawDetails details) {
        this.id = id;
        this.tag = tag;
        this.details = details;
    }

    @Override
    public UUID id() {
        return id;
    }

    public int version() {
        return version == null ? 0 : version;
    }

    @Override
    public String tag() {
        return tag;
    }

    @Override
    public SawDetails details() {
        return details;
    }

    /** The fitting record in force; absent before the first. */
    public @Nullable UUID fittingId() {
        return fittingId;
    }

    public @Nullable Instant retiredAt() {
        return retiredAt;
    }

    public @Nullable String retiredReason() {
        return retiredReason;
    }

    void edit(SawDetails changed) {
        this.details = changed;
    }

    void fitted(UUID fitting) {
        this.fittingId = fitting;
    }

    void tag(String changed) {
        this.tag = changed;
    }

    void bringBack() {
        this.retiredAt = null;
        this.retiredReason = null;
    }

    void retire(Instant at, String reason) {
        this.retiredAt = at;
        this.retiredReason = reason;
    }
}
