package yellowtally.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.Power;

class TakenAlreadyTest {

    private static final LocalDate LEAVES = LocalDate.of(2026, 5, 4);
    private static final UUID CREW = UUID.randomUUID();

    @ParameterizedTest(
            name = "own crew {0}, went {1} days after the booked one, bar of {2} mm where 400 is asked for: {3}")
    @CsvSource({
        "true,  0, 450, true",
        "true,  1, 450, true",
        "true, -1, 450, false",
        "false, 0, 450, false",
        "true,  0, 330, false",
    })
    void aSawWentForABookingWithItsCrewOnItsDayAndOfItsKind(boolean own, int later, double barMm, boolean went) {
        assertThat(TakenAlready.wentFor(
                        booked(),
                        own ? CREW : UUID.randomUUID(),
                        LEAVES.plusDays(later),
                        new SawTraits(barMm, Handle.REAR, Power.PETROL)))
                .isEqualTo(went);
    }

    private static Booking booked() {
        return new Booking(
                UUID.randomUUID(),
                CREW,
                LEAVES,
                LocalTime.of(7, 0),
                LEAVES.plusDays(1),
                new Wanted(3, 400.0, Handle.REAR, null));
    }

    @ParameterizedTest(name = "three booked, {0} taken: {1} open")
    @CsvSource({"0, 3", "1, 2", "2, 1", "3, 0", "5, 0"})
    void whatACrewHasCountsForItsBooking(int taken, int open) {
        Booking booking = booked();
        assertThat(TakenAlready.open(booking, taken)
                        .map(one -> one.wanted().saws())
                        .orElse(0))
                .isEqualTo(open);
        TakenAlready.open(booking, taken)
                .ifPresent(left -> assertThat(left.wanted().handle()).isEqualTo(Handle.REAR));
    }
}
