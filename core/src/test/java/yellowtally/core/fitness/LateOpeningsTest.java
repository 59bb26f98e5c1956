package yellowtally.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.at;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is entered late counts from when it was done (handbook section 11, rule 10): readings on days 4 and 8, the first passed or not. */
class LateOpeningsTest {

    private static List<Instant> days(String written) {
        return written.isEmpty()
                ? List.of()
                : Arrays.stream(written.split(" "))
                        .map(day -> at(Integer.parseInt(day), 9))
                        .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "'',  4, ROUTINE,                ROUTINE",
        "5,   4, ROUTINE,                SET_WAS_APART",
        "5,   -, ROUTINE,                SET_WAS_APART",
        "3,   4, ROUTINE,                ROUTINE",
        "3,   -, ROUTINE,                SET_WAS_APART",
        "8,   4, ROUTINE,                SET_WAS_APART",
        "9,   4, ROUTINE,                ROUTINE",
        "3 6, 4, FIRST_CUTS,             SET_WAS_APART",
        "4,   4, RECHECK_FIRST_TANK,     RECHECK_FIRST_TANK",
        "9,   4, SET_WAS_APART,          SET_WAS_APART",
    })
    void aReadingAfterAnOpeningToldLaterSeatedTheBar(
            String openings, String passedOn, CheckOccasion told, CheckOccasion known) {
        Instant lastPass = passedOn.equals("-") ? null : at(Integer.parseInt(passedOn), 9);
        assertThat(new LateOpenings(days(openings)).occasion(told, at(8, 9), lastPass))
                .isEqualTo(known);
    }
}
