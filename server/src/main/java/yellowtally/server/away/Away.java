package yellowtally.server.away;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

/** Record: a saw went to a mechanic or dealer, and came back. Its second half is written once. */
@Entity
class Away {

    @Id
    private UUID id;

    @Version
    private @Nullable Integer version;

    private UUID sawId;

    /** The same while it is away. */
    @Column
    private @Nullable UUID openSawId;

    private String who;
    private String why;
    private LocalDate since;

    @Column
    private Instant at;

    private UUID personId;

    @Column
    private @Nullable String device = Acting.deviceOrNone();

    private @Nullable Instant backAt;
    private @Nullable UUID backBy;

    @Column
    private @Nullable String backDevice;

    private @Nullable String done;
    private @Nullable Integer costCents;

    protected Away() {}

    Away(UUID id, UUID sawId, String who, String why, LocalDate since, Instant at, UUID personId) {
        this.id = id;
        this.sawId = sawId;
        this.openSawId = sawId;
        this.who = who;
        this.why = why;
        this.since = since;
        this.at = at;
        this.personId = personId;
    }

    UUID id() {
        return id;
    }

    UUID sawId() {
        return sawId;
    }

    String who() {
        return who;
    }

    String why() {
        return why;
    }

    LocalDate since() {
        return since;
    }

    UUID personId() {
        return personId;
    }

    @Nullable
    Instant backAt() {
        return backAt;
    }

    @Nullable
    UUID backBy() {
        return backBy;
    }

    @Nullable
    String done() {
        return done;
    }

    @Nullable
    Integer costCents() {
        return costCents;
    }

    void back(String what, @Nullable Integer cents, Instant when, UUID by) {
        this.done = what;
        this.costCents = cents;
        this.backAt = when;
        this.backBy = by;
        this.backDevice = Acting.deviceOrNone();
        this.openSawId = null;
    }
}
