package yellowtally.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.MonthDay;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SeasonsTest {

    @ParameterizedTest
    @CsvSource({
        "2026-03-31, false, true",
        "2026-04-01, true,  false",
        "2026-09-30, true,  false",
        "2026-10-01, false, false",
        "2026-11-01, false, true",
        "2026-12-31, false, true",
        "2027-01-01, false, true",
    })
    void everyDayKnowsItsSeason(LocalDate day, boolean fire, boolean cold) {
        assertThat(Seasons.STANDARD.fire(day)).isEqualTo(fire);
        assertThat(Seasons.STANDARD.cold(day)).isEqualTo(cold);
    }

    /** Counting days one by one gives the same as counting them at once, for seasons within a year and over its turn. */
    @ParameterizedTest
    @CsvSource({"--04-01, --09-30", "--11-15, --02-20", "--01-01, --12-31", "--07-01, --07-01"})
    void countsEachDayOfTheSeasonOnce(MonthDay from, MonthDay to) {
        Seasons seasons = new Seasons(from, to, from, to);
        LocalDate after = LocalDate.of(2025, 2, 10);
        long counted = 0;
        for (int days = 0; days < 900; days++) {
            assertThat(seasons.fireDays(after, after.plusDays(days))).isEqualTo(counted);
            counted += seasons.fire(after.plusDays(days + 1L)) ? 1 : 0;
        }
    }

    @ParameterizedTest
    @CsvSource({
        "ARRESTOR, 2026-03-20, 2026-04-01, true",
        "ARRESTOR, 2026-03-20, 2026-03-31, false",
        "ARRESTOR, 2026-04-02, 2026-05-01, false",
        "ARRESTOR, 2025-05-01, 2026-10-05, false",
        "OIL_CARD, 2026-10-20, 2026-11-02, true",
        "OIL_CARD, 2026-12-01, 2027-01-15, false",
        "OIL_CARD, 2026-10-01, 2027-01-15, true",
    })
    void aSeasonThatStartedSinceWakesItsTask(Task task, LocalDate done, LocalDate today, boolean woken) {
        assertThat(Seasons.STANDARD.startedFor(task, done, today)).isEqualTo(woken);
    }

    @Test
    void outsideTheSeasonNothingIsWoken() {
        LocalDate summer = LocalDate.of(2026, 7, 1);
        assertThat(Seasons.STANDARD.startedFor(Task.OIL_CARD, summer.minusYears(1), summer))
                .isFalse();
    }
}
