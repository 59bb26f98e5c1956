package yellowtally.core.holds;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.day;

import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.Step;

/** At rest things change too (handbook section 11, rule 6). All records are of the third day and after. */
class RestTest {

    private static final String MONTH = "OUTSIDE_LOOK BRAKE_LEVER FILL BRAKE_RUNNING OIL_CARD";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                // recorded from day 3 on                                             | last used | today | missing
                "-                                                                    | 2   | 32  | -",
                "-                                                                    | 2   | 33  | MONTH",
                "BRAKE_LEVER; BRAKE_RUNNING; OUTSIDE_LOOK; OIL_CARD; FILL             | 2   | 33  | -",
                "BRAKE_LEVER; BRAKE_RUNNING; OUTSIDE_LOOK; OIL_CARD; FILL             | 2   | 34  | BRAKE_LEVER",
                "BRAKE_LEVER; BRAKE_RUNNING; OUTSIDE_LOOK; OIL_CARD; FILL             | 2   | 88  | MONTH",
                "BRAKE_LEVER; BRAKE_RUNNING; OUTSIDE_LOOK; OIL_CARD; FILL             | 80  | 88  | -",
                "BRAKE_LEVER FAIL; BRAKE_RUNNING; OUTSIDE_LOOK; OIL_CARD; FILL ATTEND | 2   | 33  | BRAKE_LEVER FILL",
                "-                                                                    | 2   | 182 | MONTH",
                "-                                                                    | 2   | 183 | MONTH TANKS",
                "TANKS                                                                | 2   | 183 | MONTH",
            })
    void whatALongRestCallsFor(String story, int used, int today, String missing) {
        Rest rest = Rest.of(Told.of(story).log(), day(used), day(today), Profiles.petrol(), Numbers.STANDARD);
        assertThat(rest.days()).isEqualTo(today - used);
        assertThat(rest.missing().stream().map(Step::name).collect(Collectors.toSet()))
                .containsExactlyInAnyOrder(
                        missing == null
                                ? new String[0]
                                : missing.replace("MONTH", MONTH).split(" "));
    }
}
