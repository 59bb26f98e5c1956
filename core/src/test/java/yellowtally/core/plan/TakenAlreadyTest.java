package yellowtally.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.steps.Handle;

class TakenAlreadyTest {

    @ParameterizedTest(name = "three booked, {0} taken: {1} open")
    @CsvSource({"0, 3", "1, 2", "2, 1", "3, 0", "5, 0"})
    void whatACrewHasCountsForItsBooking(int taken, int open) {
        LocalDate leaves = LocalDate.of(2026, 5, 4);
        Booking booking = new Booking(
                UUID.randomUUID(),
                UUID.randomUUID(),
                leaves,
                LocalTime.of(7, 0),
                leaves.plusDays(1),
                new Wanted(3, 400.0, Handle.REAR, null));
        assertThat(TakenAlready.open(booking, taken)
                        .map(one -> one.wanted().saws())
                        .orElse(0))
                .isEqualTo(open);
        TakenAlready.open(booking, taken)
                .ifPresent(left -> assertThat(left.wanted().handle()).isEqualTo(Handle.REAR));
    }
}
