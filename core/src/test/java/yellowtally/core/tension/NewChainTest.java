package yellowtally.core.tension;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.settings.Numbers;

class NewChainTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "SET_WAS_APART                                                    | 0   | RECHECK_ONE_MINUTE    | true  | 0",
                "RECHECK_ONE_MINUTE                                               | 0   | RECHECK_LIGHT_CUTTING | true  | 1",
                "RECHECK_ONE_MINUTE,RECHECK_LIGHT_CUTTING                         | 0.5 | RECHECK_FIRST_TANK    | false | 2",
                "RECHECK_ONE_MINUTE,RECHECK_LIGHT_CUTTING                         | 1   | RECHECK_FIRST_TANK    | true  | 2",
                "RECHECK_LIGHT_CUTTING                                            | 2   | RECHECK_ONE_MINUTE    | true  | 1",
                "RECHECK_ONE_MINUTE,RECHECK_LIGHT_CUTTING,RECHECK_FIRST_TANK      | 1   | -                     | false | 3",
            })
    void threeRechecksInOrder(String passed, double tanks, CheckOccasion next, boolean dueNow, int done) {
        Set<CheckOccasion> occasions = EnumSet.noneOf(CheckOccasion.class);
        Arrays.stream(passed.split(",")).map(CheckOccasion::valueOf).forEach(occasions::add);
        NewChainRechecks rechecks = NewChainRechecks.of(occasions, tanks, Numbers.STANDARD);
        assertThat(rechecks.next().orElse(null)).isEqualTo(next);
        assertThat(rechecks.dueNow()).isEqualTo(dueNow);
        assertThat(rechecks.done()).isEqualTo(done);
    }

    @ParameterizedTest
    @CsvSource({"0, TOO_SHORT", "3.9, TOO_SHORT", "4, SHORT", "11.5, SHORT", "12, GOOD", "40, GOOD"})
    void soaksTwelveHoursAtLeastFour(double hours, SoakVerdict verdict) {
        assertThat(SoakVerdict.of(hours, Numbers.STANDARD)).isEqualTo(verdict);
    }
}
