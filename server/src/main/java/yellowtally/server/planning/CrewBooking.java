package yellowtally.server.planning;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.plan.Booking;
import yellowtally.core.plan.Wanted;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.Power;
import yellowtally.server.people.Acting;

/** Record: a crew wants saws. Never changed: it is called off, or another one takes its place. */
@Entity
public class CrewBooking {

    @Id
    private UUID id;

    private UUID crewId;
    private LocalDate leavesOn;
    private String leavesAt;
    private LocalDate untilOn;
    private int saws;
    private @Nullable Double barAtLeastMm;

    @Enumerated(EnumType.STRING)
    private @Nullable Handle handle;

    @Enumerated(EnumType.STRING)
    private @Nullable Power power;

    private @Nullable String note;

    @Column
    private @Nullable UUID amendsId;

    @Column
    private Instant at;

    @Column
    private UUID personId;

    @Column
    private @Nullable String device = Acting.deviceOrNone();

    private @Nullable Instant endedAt;

    @Column
    private @Nullable UUID endedBy;

    @Column
    private @Nullable String endedDevice;

    protected CrewBooking() {}

    /** @param amends the one whose place it takes; absent for a new one */
    public CrewBooking(Booking asked, @Nullable String note, @Nullable UUID amends, Instant at, UUID personId) {
        this.id = asked.id();
        this.crewId = asked.crewId();
        this.leavesOn = asked.leaves();
        this.leavesAt = asked.at().truncatedTo(ChronoUnit.MINUTES).toString();
        this.untilOn = asked.until();
        this.saws = asked.wanted().saws();
        this.barAtLeastMm = asked.wanted().barAtLeastMm();
        this.handle = asked.wanted().handle();
        this.power = asked.wanted().power();
        this.note = note;
        this.amendsId = amends;
        this.at = at;
        this.personId = personId;
    }

    UUID id() {
        return id;
    }

    @Nullable
    String note() {
        return note;
    }

    /** As the plan knows it. */
    Booking booking() {
        return new Booking(
                id,
                crewId,
                leavesOn,
                LocalTime.parse(leavesAt),
                untilOn,
                new Wanted(saws, barAtLeastMm, handle, power));
    }

    boolean stands() {
        return endedAt == null;
    }

    void end(Instant when, UUID by) {
        this.endedAt = when;
        this.endedBy = by;
        this.endedDevice = Acting.deviceOrNone();
    }
}
