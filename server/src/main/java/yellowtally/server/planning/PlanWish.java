package yellowtally.server.planning;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

/** Record: the officer wants a saw on the bench on a day, or left out of the plan; in force until it is taken back or done. */
@Entity
public class PlanWish {

    @Id
    private UUID id;

    private UUID sawId;
    private @Nullable LocalDate dayOn;
    private Instant at;

    @Column
    private UUID personId;

    @Column
    private @Nullable String device = Acting.deviceOrNone();

    @Column
    private @Nullable Instant endedAt;

    @Column
    private @Nullable UUID endedBy;

    @Column
    private @Nullable String endedDevice;

    protected PlanWish() {}

    /** @param dayOn the day; absent to leave it out */
    public PlanWish(UUID sawId, @Nullable LocalDate dayOn, Instant at, UUID personId) {
        this.id = UUID.randomUUID();
        this.sawId = sawId;
        this.dayOn = dayOn;
        this.at = at;
        this.personId = personId;
    }

    UUID sawId() {
        return sawId;
    }

    @Nullable
    LocalDate dayOn() {
        return dayOn;
    }

    Instant at() {
        return at;
    }

    void end(Instant when, UUID by) {
        this.endedAt = when;
        this.endedBy = by;
        this.endedDevice = Acting.deviceOrNone();
    }
}
