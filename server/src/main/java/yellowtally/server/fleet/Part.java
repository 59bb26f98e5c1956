package yellowtally.server.fleet;

import jakarta.persistence.Column;
import jakarta.persistence.DiscriminatorColumn;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Inheritance;
import jakarta.persistence.InheritanceType;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Collection;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Subject;

/** A part of a cutting set as an individual: its tag, where it hangs, what it cost and how it ended. */
@Entity
@Inheritance(strategy = InheritanceType.JOINED)
@DiscriminatorColumn(name = "kind", length = 8)
public abstract class Part {

    /** No part costs more, in hundredths of the currency: more is a slip of the hand. */
    public static final int MOST_CENTS = 10_000_000;

    @Id
    private UUID id;

    @Version
    private @Nullable Integer version;

    private String tag;

    /** The same however it is written; kept and looked up by the database. */
    @Column(insertable = false, updatable = false)
    @SuppressWarnings("unused")
    private @Nullable String tagKey;

    private @Nullable UUID sawId;
    private @Nullable Integer costCents;
    private @Nullable Instant retiredAt;
    private @Nullable UUID retiredBy;
    private @Nullable String retiredReason;

    /** For Hibernate, which fills the fields. */
    @SuppressWarnings("NullAway.Init")
    protected Part() {}

    protected Part(UUID id, String tag) {
        this.id = id;
        this.tag = tag;
    }

    /** The one of this kind among parts of a saw; {@code null} for none. */
    public static <T extends Part> @Nullable T one(Class<T> kind, Collection<Part> parts) {
        return parts.stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .findFirst()
                .orElse(null);
    }

    /** One of the same sort, that has never been used. */
    abstract Part another(UUID newId, String newTag);

    /** What it has in common with all that can take its place, in the trade's words. */
    public abstract String sort();

    /** Which place of a cutting set it has. */
    public abstract Subject subject();

    public UUID id() {
        return id;
    }

    public String tag() {
        return tag;
    }

    /** The saw it hangs on; {@code null} on the shelf. */
    public @Nullable UUID sawId() {
        return sawId;
    }

    /** What it cost, in the hundredth of the currency; {@code null} when nobody has said. */
    public @Nullable Integer costCents() {
        return costCents;
    }

    public @Nullable Instant retiredAt() {
        return retiredAt;
    }

    public @Nullable UUID retiredBy() {
        return retiredBy;
    }

    public @Nullable String retiredReason() {
        return retiredReason;
    }

    /** Hangs the part on a saw, or with {@code null} back on the shelf; the fitting record says who and when. */
    void hangOn(@Nullable UUID saw) {
        this.sawId = saw;
    }

    /** Says what it cost. */
    public void costs(@Nullable Integer cents) {
        this.costCents = cents;
    }

    /** Back on the shelf. */
    void bringBack() {
        this.retiredAt = null;
        this.retiredBy = null;
        this.retiredReason = null;
    }

    /** Ends its life; it stays readable. */
    public void retire(Instant at, UUID by, String reason) {
        this.retiredAt = at;
        this.retiredBy = by;
        this.retiredReason = reason;
    }
}
