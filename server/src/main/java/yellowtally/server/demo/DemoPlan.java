package yellowtally.server.demo;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.plan.Booking;
import yellowtally.core.plan.Wanted;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.Power;
import yellowtally.server.planning.BenchMinutes;
import yellowtally.server.planning.CrewBooking;

/** The week ahead: one that wants a new loop in the oil tonight, a booking that only just works, one that does not, one in hand, and a day without a bench. */
final class DemoPlan {

    private static final double MM_PER_INCH = 25.4;
    private static final LocalTime SEVEN = LocalTime.of(7, 0);

    private final EntityManager records;
    private final Clock clock;
    private final UUID officer;
    private final List<UUID> crews;

    DemoPlan(EntityManager records, Clock clock, UUID officer, List<UUID> crews) {
        this.records = records;
        this.clock = clock;
        this.officer = officer;
        this.crews = crews;
    }

    void fill() {
        book(1, 1, crews.get(2), new Wanted(1, null, null, Power.BATTERY), "Hedges at Ashcombe halt");
        book(2, 2, crews.get(1), rear(4, 15), "Footplate at the north portal");
        book(3, 4, crews.get(0), new Wanted(2, 24 * MM_PER_INCH, null, null), "The big beech at milepost 7");
        book(5, 5, crews.get(2), new Wanted(1, null, Handle.TOP, null), null);
        records.persist(BenchMinutes.on(
                LocalDate.now(clock), 450, "Both of us since six this morning", clock.instant(), officer));
        LocalDate closed = LocalDate.now(clock).plusDays(4);
        records.persist(BenchMinutes.on(closed, 0, "Open day, the shed is full of visitors", clock.instant(), officer));
    }

    private static Wanted rear(int saws, double inches) {
        return new Wanted(saws, inches * MM_PER_INCH, Handle.REAR, null);
    }

    private void book(int inDays, int until, UUID crew, Wanted wanted, @Nullable String note) {
        LocalDate today = LocalDate.now(clock);
        records.persist(new CrewBooking(
                new Booking(UUID.randomUUID(), crew, today.plusDays(inDays), SEVEN, today.plusDays(until), wanted),
                note,
                null,
                clock.instant(),
                officer));
    }
}
