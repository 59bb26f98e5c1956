package yellowtally.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.plan.Booking;
import yellowtally.core.plan.Wanted;

class FreeLoopsTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 5, 4);
    private static final List<ShelfLoop> SHELF = List.of(Packs.loop("YC-32", true), Packs.loop("YC-33", true));

    private static Booking away(int leaves, int until) {
        return new Booking(
                UUID.randomUUID(),
                UUID.randomUUID(),
                MONDAY.plusDays(leaves),
                LocalTime.of(7, 0),
                MONDAY.plusDays(until),
                Wanted.any(1));
    }

    @ParameterizedTest(name = "the other gang is away from day {0} to {1}, this one from 2 to 3: {2}")
    @CsvSource({"0, 1, 2", "0, 2, 1", "3, 5, 1", "2, 3, 1", "4, 5, 2"})
    void aLoopIsWithOneGangAtATime(int leaves, int until, int free) {
        FreeLoops.Gang other = new FreeLoops.Gang(away(leaves, until), Set.of("YC-32"));
        assertThat(FreeLoops.of(SHELF, away(2, 3), List.of(other))).hasSize(free);
    }

    @Test
    void whatIsInItsOwnBoxIsFreeForIt() {
        Booking booking = away(2, 3);
        FreeLoops.Gang own = new FreeLoops.Gang(booking, Set.of("YC-32"));
        assertThat(FreeLoops.of(SHELF, booking, List.of(own))).isEqualTo(SHELF);
    }
}
