package yellowtally.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Power;

class BurnTest {

    @ParameterizedTest
    @CsvSource({
        "PETROL,    0,  1",
        "PETROL,   60,  5",
        "PETROL,  480, 33",
        "BATTERY,  30,  3",
        "CORDED,   90, 1.5",
    })
    void noMoreThanCanBeBurnedInTheTime(Power power, double minutes, double most) {
        assertThat(Burn.most(power, minutes, Numbers.STANDARD)).isCloseTo(most, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        // Half a day: 2.5 tanks are taken, 25 are asked about, though a saw could burn them.
        "PETROL,  300, 11",
        "PETROL,    0,  1",
        "BATTERY,  90,  4",
        "CORDED,   90, 1.5",
    })
    void whatACrewUsesWithItsBreaks(Power power, double minutes, double likely) {
        assertThat(Burn.likely(power, minutes, Numbers.STANDARD)).isCloseTo(likely, within(1e-9));
        assertThat(Burn.likely(power, minutes, Numbers.STANDARD))
                .isLessThanOrEqualTo(Burn.most(power, minutes, Numbers.STANDARD));
    }
}
