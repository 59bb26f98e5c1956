package yellowtally.core.tension;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HandTurnTest {

    @ParameterizedTest
    @CsvSource({
        "0,     0, 0, 1",
        "0.03,  0, 0, 1",
        "0.08,  0, 1, 12",
        "-0.26, 0, 1, 4",
        "0.31,  0, 1, 3",
        "0.7,   0, 2, 3",
        "0.95,  1, 0, 1",
        "1.3,   1, 1, 4",
        "2.9,   3, 0, 1",
    })
    void isTheNearestThatAHandCanMake(double turns, int wholes, int parts, int of) {
        assertThat(HandTurn.nearest(turns)).isEqualTo(new HandTurn(wholes, parts, of));
    }

    @ParameterizedTest
    @CsvSource({"0.9, 0.13", "3.7, 0.13"})
    void isNeverFurtherOffThanAnEighth(double most, double off) {
        for (double turns = 0; turns < most; turns += 0.01) {
            assertThat(Math.abs(HandTurn.nearest(turns).turns() - turns)).isLessThanOrEqualTo(off);
        }
    }
}
