package yellowtally.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.plan.Until.WaitCause;

/** What is at the bench's hand, and how much bench there is. */
class AtTheBenchTest {

    private static final UUID GANG = new UUID(0, 1);

    private static Booking trip(UUID gang, LocalDate leaves, LocalDate until) {
        return new Booking(UUID.randomUUID(), gang, leaves, LocalTime.of(7, 0), until, Wanted.any(1));
    }

    /** Back on the day after the booking that is under way; one that is over or to come says nothing, another gang's neither. */
    @ParameterizedTest
    @CsvSource({"-1, 0, 1", "0, 2, 3", "-3, -1, NEVER", "1, 4, NEVER"})
    void aSawIsBackWithTheBookingOfItsCrew(int leaves, int until, String back) {
        List<Booking> bookings = List.of(
                trip(GANG, Fleets.MONDAY.plusDays(leaves), Fleets.MONDAY.plusDays(until)),
                trip(new UUID(0, 2), Fleets.MONDAY, Fleets.MONDAY.plusDays(9)));
        int day = back.equals("NEVER") ? Chore.NEVER : Integer.parseInt(back);
        assertThat(BackWithCrew.of(GANG, "Tunnel gang", bookings, Fleets.MONDAY))
                .isEqualTo(new Until(WaitCause.OUT, day, "Tunnel gang"));
    }

    /** Of 150 minutes that are done 120 were all of the first bench; the second has 90 left, and tomorrow is untouched. */
    @Test
    void minutesThatAreDoneAreTakenFromTodayBenchByBench() {
        assertThat(BenchSlot.ahead(2, day -> 120, 2, 150))
                .extracting(BenchSlot::left)
                .containsExactly(0.0, 90.0, 120.0, 120.0);
        assertThat(BenchSlot.ahead(1, day -> 60, 1, 150)).containsExactly(new BenchSlot(0, 1, 60, 60));
    }
}
