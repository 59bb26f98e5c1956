package yellowtally.core.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FuelMixTest {

    /** Handbook section 9: 5 L at 50:1 is 100 mL of oil. */
    @ParameterizedTest
    @CsvSource({"5000, 50, 100", "5000, 40, 125", "1000, 50, 20", "0, 50, 0"})
    void oilForFuel(double fuelMl, int ratio, double oilMl) {
        assertThat(FuelMix.oilMl(fuelMl, ratio)).isEqualTo(oilMl);
    }

    @Test
    void aRatioOfNothingIsNone() {
        assertThatIllegalArgumentException().isThrownBy(() -> FuelMix.oilMl(1000, 0));
    }
}
