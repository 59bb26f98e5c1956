package yellowtally.core.oiling;

import static org.assertj.core.api.Assertions.assertThat;

import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What refuels tell of an outing's oil (handbook section 7). */
class FilledOutTest {

    /** Not knowing is not none: one refuel at which nobody looked, or a tank that was not logged, and nothing is told. */
    @ParameterizedTest
    @CsvSource({
        // refuels, looked at, oil, burned, oil of the outing
        "2, 2, 0.5, 2,   0.5",
        "2, 2, 0.5, 1.5, 0.5",
        "2, 1, 0.5, 2,   ",
        "2, 2, 0.5, 2.5, ",
        "2, 0, ,    2,   ",
        "0, 0, ,    0,   ",
        "1, 1, 0,   1,   0",
    })
    void theOilOfAnOutingIsToldByAllItsRefuelsOrNone(
            long tanks, long told, @Nullable Double oil, double burned, @Nullable Double whole) {
        assertThat(new FilledOut(tanks, told, oil).oilOf(burned)).isEqualTo(whole);
    }

    @ParameterizedTest
    @CsvSource({"0, 0, true", "1, 0, false", "1, 0.5, true", "2, 1, false", "2, 1.1, true", "2, 3, true"})
    void aTankThatWasFilledWasBegun(long tanks, double burned, boolean fits) {
        assertThat(new FilledOut(tanks, 0, null).fits(burned)).isEqualTo(fits);
    }

    @ParameterizedTest
    @CsvSource({", 0, true", "0.5, 0.5, true", "0.5, 0.4, false", "0.5, 2, true"})
    void noLessOilThanAtTheRefuels(@Nullable Double logged, double said, boolean fits) {
        assertThat(new FilledOut(2, 1, logged).fitsOil(said)).isEqualTo(fits);
    }

    @ParameterizedTest
    @CsvSource({"0, 3", "1, 3", "2, 5", "4.5, 10"})
    void moreOilThanThatWasNeverPutIn(double burned, double most) {
        assertThat(FilledOut.mostOil(burned)).isEqualTo(most);
    }
}
