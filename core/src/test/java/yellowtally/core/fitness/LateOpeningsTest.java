package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.at;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.fitness.TensionLedger.CheckEntry;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.Measured;
import yellowtally.core.tension.TensionOutcome;

/** What is entered late counts from when it was done (handbook section 11, rule 10): readings on days 4, 8 and 12. */
class LateOpeningsTest {

    private static List<Instant> days(String written) {
        return written.isEmpty()
                ? List.of()
                : Arrays.stream(written.split(" "))
                        .map(day -> at(Integer.parseInt(day), 9))
                        .toList();
    }

    private static CheckEntry check(int day, String outcome) {
        CheckOccasion told = day == 4 ? CheckOccasion.FIRST_CUTS : CheckOccasion.ROUTINE;
        return Loops.check(at(day, 9), Loops.HERE, told, TensionOutcome.valueOf(outcome), 1, Measured.NONE);
    }

    /** Which of them were made on a set that was apart; a reading that does not pass leaves it apart for the next. */
    @ParameterizedTest
    @CsvSource({
        "'',    RIGHT, RIGHT, ''",
        "3,     RIGHT, RIGHT, 4",
        "3,     LOOSE, RIGHT, 4 8",
        "3,     LOOSE, LOOSE, 4 8 12",
        "5,     RIGHT, RIGHT, 8",
        "5,     RIGHT, LOOSE, 8 12",
        "5,     LOOSE, RIGHT, 8",
        "8,     RIGHT, RIGHT, 8",
        "9,     RIGHT, RIGHT, 12",
        "3 9,   RIGHT, RIGHT, 4 12",
        "13,    RIGHT, RIGHT, ''",
    })
    void readingsAfterAnOpeningToldLaterSeatedTheBar(String openings, String first, String second, String apart) {
        List<CheckEntry> checks = List.of(check(4, first), check(8, second), check(12, "RIGHT"));
        assertThat(LateOpenings.reckoned(checks, days(openings)))
                .filteredOn(check -> check.occasion() == CheckOccasion.SET_WAS_APART)
                .extracting(CheckEntry::at)
                .containsExactlyElementsOf(days(apart));
        assertThat(LateOpenings.reckoned(checks, days(openings)))
                .extracting(CheckEntry::turns)
                .containsExactly(1.0, 1.0, 1.0);
    }
}
