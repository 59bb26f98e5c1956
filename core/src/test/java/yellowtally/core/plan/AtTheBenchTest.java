package yellowtally.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.holds.SetBack;
import yellowtally.core.plan.Until.WaitCause;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.Step;
import yellowtally.core.waiting.FaultWaits;
import yellowtally.core.waiting.FaultWaits.FaultMatter;
import yellowtally.core.waiting.FindingWaits;
import yellowtally.core.waiting.SetBackWaits;
import yellowtally.core.waiting.Waiting;

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

    /** A day that was named counts while the officer counts on it and it is not over. */
    @ParameterizedTest
    @CsvSource({"3, true, 3", "0, true, 0", "3, false, NEVER", "-1, true, NEVER", ", true, NEVER"})
    void aSawIsBackFromTheMechanicOnTheDayThatIsCountedOn(@Nullable Integer expected, boolean counted, String back) {
        LocalDate day = expected == null ? null : Fleets.MONDAY.plusDays(expected);
        int from = back.equals("NEVER") ? Chore.NEVER : Integer.parseInt(back);
        assertThat(BackFromAway.of("Hob Lane", day, counted, Fleets.MONDAY))
                .isEqualTo(new Until(WaitCause.AWAY, from, "Hob Lane"));
    }

    /** What it was there for waits for its proof; it is set back first; all else stays. */
    @Test
    void whenBackItIsLookedAtLikeOneThatWasApart() {
        List<Waiting> then = WhenBack.work(
                List.of(
                        FaultWaits.of(FaultMatter.FAULT_MECHANIC, Step.OIL_CARD, "Pump worn"),
                        FindingWaits.of(Finding.FILTER_WORN)),
                Profiles.petrol());
        assertThat(then)
                .containsExactlyInAnyOrder(
                        SetBackWaits.of(SetBack.steps(Profiles.petrol())),
                        FaultWaits.of(FaultMatter.FAULT_PROOF, Step.OIL_CARD, "Pump worn"),
                        FindingWaits.of(Finding.FILTER_WORN));
    }

    /** A mechanic who is waited for is no day; of several leaks the one that stands longest counts. */
    @Test
    void whatKeepsASawFromBeingFitWhateverTheBenchDoes() {
        List<Waiting> mechanic = List.of(FaultWaits.of(FaultMatter.FAULT_MECHANIC, Step.OIL_CARD, "Pump worn"));
        LocalDate today = Fleets.MONDAY;
        assertThat(ReadyAhead.of(mechanic, List.of(), today))
                .isEqualTo(new Until(WaitCause.MECHANIC, Chore.NEVER, null));
        assertThat(ReadyAhead.of(List.of(), List.of(today.plusDays(1), today.plusDays(2)), today))
                .isEqualTo(new Until(WaitCause.STANDS, 2, null));
        assertThat(ReadyAhead.of(List.of(), List.of(today), today)).isEqualTo(Until.NOW);
    }
}
