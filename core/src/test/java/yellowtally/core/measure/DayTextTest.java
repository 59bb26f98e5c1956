package yellowtally.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.measure.DayReading.Why;

class DayTextTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 28);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "12 nov          | 2026-11-12",
                "12 Nov.         | 2026-11-12",
                "12nov           | 2026-11-12",
                "12. november    | 2026-11-12",
                "nov 12          | 2026-11-12",
                "Nov 12, 2025    | 2025-11-12",
                "12 nov 25       | 2025-11-12",
                "12.11.          | 2026-11-12",
                "12.11           | 2026-11-12",
                "12.11.25        | 2025-11-12",
                "3.9.2024        | 2024-09-03",
                "2026-11-12      | 2026-11-12",
                // Of this year it would be to come.
                "29 nov          | 2025-11-29",
                "28 nov          | 2026-11-28",
                "29 feb          | 2024-02-29",
                "3 sept          | 2026-09-03",
                "today           | 2026-11-28",
                "yesterday       | 2026-11-27",
                "10 d            | 2026-11-18",
                "3w              | 2026-11-07",
                "2 months ago    | 2026-09-28"
            })
    void readsWhatPeopleWrite(String text, LocalDate day) {
        assertThat(DayText.read(text, TODAY)).isEqualTo(new DayReading.Read(day, day));
    }

    /** Nobody knows closer: the first day of it, so that nothing counts too little. */
    @ParameterizedTest
    @CsvSource({"feb 2024, 2024-02-01, 2024-02-29", "March 2024, 2024-03-01, 2024-03-31", "2019, 2019-01-01, 2019-12-31"
    })
    void aMonthOrAYearIsItsFirstDay(String text, LocalDate day, LocalDate last) {
        assertThat(DayText.read(text, TODAY)).isEqualTo(new DayReading.Read(day, last));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''                                   | EMPTY",
                "soon                                 | NOT_A_DAY",
                "31 feb                               | NOT_A_DAY",
                "30.2.2026                            | NOT_A_DAY",
                "12 marble                            | NOT_A_DAY",
                "12                                   | NOT_A_DAY",
                "2026-13-01                           | NOT_A_DAY",
                "12 november in the year of our lord  | NOT_A_DAY",
                "12/11                                | AMBIGUOUS",
                "12/11/2026                           | AMBIGUOUS",
                "29 nov 2026                          | FUTURE",
                "2027                                 | FUTURE",
                "3 mar 1890                           | TOO_OLD",
                "999 m                                | TOO_OLD"
            })
    void refusesTheRestAndSaysWhy(String text, Why why) {
        assertThat(DayText.read(text, TODAY)).isEqualTo(new DayReading.Refused(why));
    }

    /** Whoever wrote a whole sheet wrote all of it in one order; what stands in no doubt is read alike in both. */
    @ParameterizedTest
    @CsvSource({
        "12/11/2025, DAY_FIRST, 2025-11-12",
        "12/11/2025, MONTH_FIRST, 2025-12-11",
        "3/4/25, DAY_FIRST, 2025-04-03",
        "3/4/25, MONTH_FIRST, 2025-03-04",
        "12/11, DAY_FIRST, 2026-11-12",
        "12/11, MONTH_FIRST, 2025-12-11",
        "31/1/2024, DAY_FIRST, 2024-01-31",
        "31/1/2024, MONTH_FIRST,",
        "1/31/2024, DAY_FIRST,",
        "2024/1/31, DAY_FIRST, 2024-01-31",
        "2024/1/31, MONTH_FIRST, 2024-01-31",
        "31.1.2024, MONTH_FIRST, 2024-01-31",
        "2024-1-31, MONTH_FIRST, 2024-01-31",
        "2024-1/31, MONTH_FIRST,"
    })
    void theOrderIsToldForAWholeSheet(String text, DayText.Order order, @Nullable LocalDate day) {
        DayReading expected = day == null ? new DayReading.Refused(Why.NOT_A_DAY) : new DayReading.Read(day, day);
        assertThat(DayText.read(text, TODAY, order)).isEqualTo(expected);
    }

    /** Whatever day it is: a day without its year is never to come, and less than a year old unless it is the 29th of February. */
    @Test
    void withoutAYearItIsTheLastSuchDay() {
        for (LocalDate today = LocalDate.of(2026, 1, 1);
                today.isBefore(LocalDate.of(2029, 1, 1));
                today = today.plusDays(1)) {
            for (String text : new String[] {"1 jan", "30 jun", "31 dec", "28 feb"}) {
                LocalDate day = ((DayReading.Read) DayText.read(text, today)).day();
                assertThat(day)
                        .isBeforeOrEqualTo(today)
                        .isAfter(today.minusYears(1).minusDays(1));
            }
        }
    }
}
