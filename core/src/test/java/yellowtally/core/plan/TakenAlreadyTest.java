package yellowtally.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.Power;

class TakenAlreadyTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);

    private static SawTraits saw(double barMm) {
        return new SawTraits(barMm, Handle.REAR, Power.PETROL);
    }

    /** Three with 400 mm or more are booked. */
    @ParameterizedTest(name = "leaves in {0} days, {1} that do and {2} too short with the crew: {3} open")
    @CsvSource({
        "0, 0, 0, 3",
        "0, 1, 0, 2",
        "0, 1, 4, 2",
        "0, 3, 0, 0",
        "0, 5, 0, 0",
        "1, 3, 0, 3", // It is out for something else.
    })
    void whatACrewHasOnItsDayCountsForItsBooking(int inDays, int fitting, int tooShort, int open) {
        Booking booking = new Booking(
                UUID.randomUUID(),
                UUID.randomUUID(),
                TODAY.plusDays(inDays),
                LocalTime.of(7, 0),
                TODAY.plusDays(inDays + 1),
                new Wanted(3, 400.0, null, null));
        List<SawTraits> out = new ArrayList<>();
        for (int i = 0; i < fitting; i++) {
            out.add(saw(450));
        }
        for (int i = 0; i < tooShort; i++) {
            out.add(saw(330));
        }
        assertThat(TakenAlready.open(booking, out, TODAY)
                        .map(one -> one.wanted().saws())
                        .orElse(0))
                .isEqualTo(open);
    }
}
