package yellowtally.server.away;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

/** Something went to a mechanic or dealer, and came back. Its second half is written once. */
@MappedSuperclass
abstract class TimeAway {

    @Id
    private UUID id;

    @Version
    private @Nullable Integer version;

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

    /** For Hibernate, which fills the fields. */
    @SuppressWarnings("NullAway.Init")
    protected TimeAway() {}

    TimeAway(UUID id, Going going, UUID personId) {
        this.id = id;
        this.who = going.who();
        this.why = going.why();
        this.since = going.since();
        this.at = going.at();
        this.personId = personId;
    }

    /**
     * That it goes.
     *
     * @param since the day on which it went
     * @param at when that was written down
     */
    record Going(String who, String why, LocalDate since, Instant at) {}

    UUID id() {
        return id;
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
        isHere();
    }

    /** It is not away any more. */
    abstract void isHere();
}
