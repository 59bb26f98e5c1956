package yellowtally.server.planning;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

/** Record: how many minutes each bench has, on one day or on every such day of the week. What was said last counts. */
@Entity
public class BenchMinutes {

    @Id
    private UUID id;

    private @Nullable LocalDate dayOn;
    private @Nullable Integer weekday;
    private double minutes;
    private @Nullable String note;

    private Instant at;

    @Column
    private UUID personId;

    @Column
    private @Nullable String device = Acting.deviceOrNone();

    protected BenchMinutes() {}

    private BenchMinutes(
            @Nullable LocalDate dayOn,
            @Nullable Integer weekday,
            double minutes,
            @Nullable String note,
            Instant at,
            UUID personId) {
        this.id = UUID.randomUUID();
        this.dayOn = dayOn;
        this.weekday = weekday;
        this.minutes = minutes;
        this.note = note;
        this.at = at;
        this.personId = personId;
    }

    /** On one day. */
    public static BenchMinutes on(LocalDate day, double minutes, @Nullable String note, Instant at, UUID personId) {
        return new BenchMinutes(day, null, minutes, note, at, personId);
    }

    /** On every such day of the week, 1 for Monday. */
    public static BenchMinutes every(int weekday, double minutes, Instant at, UUID personId) {
        return new BenchMinutes(null, weekday, minutes, null, at, personId);
    }

    @Nullable
    LocalDate dayOn() {
        return dayOn;
    }

    @Nullable
    Integer weekday() {
        return weekday;
    }

    double minutes() {
        return minutes;
    }

    @Nullable
    String note() {
        return note;
    }

    Instant at() {
        return at;
    }
}
