package yellowtally.core.engine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import yellowtally.core.measure.Rounding;

class VolumeTextTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "450          | LITRE     | 450",
                "450 mL       | US_GALLON | 450",
                "0,45 L       | LITRE     | 450",
                "1 litre      | US_GALLON | 1000",
                "15           | US_GALLON | 443.603",
                "15 fl oz     | LITRE     | 443.603",
                "15 US fl. oz | LITRE     | 443.603",
                "15 oz        | LITRE     | 443.603",
                "1/8 gal      | LITRE     | 473.176",
                "1 US gallon  | LITRE     | 3785.412",
                "1 pt         | LITRE     | 473.176",
                "1 quart      | LITRE     | 946.353",
            })
    void readsWhatPeopleType(String typed, FuelUnit house, double ml) {
        assertThat(VolumeText.read(typed, house).orElseThrow()).isCloseTo(ml, within(0.001));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", " ", "a cup", "-5", "1/0 gal", "5 mm", "1 2", "12345678901234567890123456789012345678901"})
    void refusesWhatIsNoVolume(String typed) {
        assertThat(VolumeText.read(typed, FuelUnit.LITRE)).isEmpty();
    }

    /** What is said is read again as the same, as far as it was said. */
    @Property
    void whatIsSaidIsReadAgain(@ForAll @DoubleRange(min = 0, max = 5000) double ml, @ForAll FuelUnit house) {
        assertThat(VolumeText.read(house.saidSmall(ml, Rounding.NEAREST), FuelUnit.LITRE)
                        .orElseThrow())
                .isCloseTo(ml, within(house == FuelUnit.LITRE ? 0.051 : 1.48));
    }

    @ParameterizedTest
    @CsvSource({
        "LITRE,     1500, 1.5 L",
        "LITRE,       40, 0 L",
        "US_GALLON, 1500, 0.4 US gal",
        "US_GALLON, 3785.411784, 1 US gal",
    })
    void anAmountIsSaidInWholeUnits(FuelUnit house, double ml, String said) {
        assertThat(house.said(ml)).isEqualTo(said);
    }
}
