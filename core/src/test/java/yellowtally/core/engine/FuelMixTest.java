package yellowtally.core.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.settings.Numbers;

class FuelMixTest {

    /** Handbook section 9: 5 L at 50:1 is 100 mL of oil, 2.5 US gal at 50:1 6.4 US fl oz. */
    @ParameterizedTest
    @CsvSource({
        "5,    LITRE,     50,  100",
        "5,    LITRE,     40,  125",
        "1,    LITRE,     50,  20",
        "0.7,  LITRE,     25,  28",
        "2.5,  US_GALLON, 50,  6.4",
        "1,    US_GALLON, 40,  3.2",
        "5,    US_GALLON, 100, 6.4",
    })
    void oilForAnyAmount(double amount, FuelUnit unit, int ratio, double oil) {
        assertThat(FuelMix.of(amount, unit, ratio).oil()).isCloseTo(oil, within(1e-9));
    }

    @Test
    void bothUnitsAreTheSameOil() {
        FuelMix gallons = FuelMix.of(2.5, FuelUnit.US_GALLON, 50);
        FuelMix litres = FuelMix.of(gallons.fuelMl() / 1000, FuelUnit.LITRE, 50);
        assertThat(litres.oilMl()).isCloseTo(gallons.oilMl(), within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "0, LITRE, 50",
        "-1, LITRE, 50",
        "201, LITRE, 50",
        "60, US_GALLON, 50",
        "NaN, LITRE, 50",
        "5, LITRE, 9",
        "5, LITRE, 201"
    })
    void whatCannotBeIsNoMix(double amount, FuelUnit unit, int ratio) {
        assertThatIllegalArgumentException().isThrownBy(() -> FuelMix.of(amount, unit, ratio));
    }

    @ParameterizedTest
    @CsvSource({"2024-11-01, true", "2024-10-31, false", "2026-11-01, true"})
    void aMixOfYearsAgoIsASlipOfThePen(LocalDate mixedOn, boolean believed) {
        assertThat(FuelAge.believed(mixedOn, LocalDate.of(2026, 11, 1))).isEqualTo(believed);
    }

    @ParameterizedTest
    @CsvSource({
        "2026-11-01, 0, false, 30",
        "2026-11-30, 29, false, 1",
        "2026-12-01, 30, true, 0",
        "2027-01-15, 75, true, 0"
    })
    void theAgeOfACanIsCounted(LocalDate today, long days, boolean old, long left) {
        assertThat(FuelAge.of(LocalDate.of(2026, 11, 1), today, Numbers.STANDARD))
                .isEqualTo(new FuelAge(days, old, left));
    }
}
