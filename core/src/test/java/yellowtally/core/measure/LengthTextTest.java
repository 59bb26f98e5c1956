package yellowtally.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTextTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\0',
            value = {
                "11        | MM   | 11",
                "11 mm     | INCH | 11",
                "11,5      | MM   | 11.5",
                ".5        | INCH | 12.7",
                "6.        | MM   | 6",
                "1/2 in    | MM   | 12.7",
                "1/2       | MM   | 12.7",
                "13/64\"   | MM   | 5.159375",
                "1 1/4 inch| MM   | 31.75",
                "1-1/4in   | MM   | 31.75",
                "0.25 IN   | MM   | 6.35",
                "1 cm      | INCH | 10",
                "0         | MM   | 0",
                "-0        | MM   | 0",
            })
    void readsWhatPeopleWrite(String text, LengthUnit assumed, double mm) {
        LengthReading reading = LengthText.read(text, assumed);
        assertThat(reading).isInstanceOf(LengthReading.Read.class);
        assertThat(((LengthReading.Read) reading).mm()).isCloseTo(mm, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''          | EMPTY",
                "'  '        | EMPTY",
                "abc         | NOT_A_LENGTH",
                "12 feet     | NOT_A_LENGTH",
                "1e9         | NOT_A_LENGTH",
                "NaN         | NOT_A_LENGTH",
                "1/2 mm mm   | NOT_A_LENGTH",
                "1/0 in      | DIVIDED_BY_ZERO",
                "0/0         | DIVIDED_BY_ZERO",
                "-3 mm       | NEGATIVE",
                "-1/4        | NEGATIVE",
            })
    void refusesWhatIsNoLength(String text, LengthReading.Why why) {
        assertThat(LengthText.read(text, LengthUnit.MM)).isEqualTo(new LengthReading.Refused(why));
    }

    @Test
    void refusesLongTextsUnread() {
        assertThat(LengthText.read("1".repeat(LengthText.MAX_CHARACTERS + 1), LengthUnit.MM))
                .isEqualTo(new LengthReading.Refused(LengthReading.Why.NOT_A_LENGTH));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 3, 7, 16, 31, 63})
    void inchesAndMillimetresAgree(int sixtyFourths) {
        double fromInches = ((LengthReading.Read) LengthText.read(sixtyFourths + "/64 in", LengthUnit.MM)).mm();
        double fromMm =
                ((LengthReading.Read) LengthText.read(Double.toString(sixtyFourths * 25.4 / 64), LengthUnit.MM)).mm();
        assertThat(fromInches).isCloseTo(fromMm, within(1e-9));
        assertThat(LengthUnit.INCH.fromMm(fromInches) * 64).isCloseTo(sixtyFourths, within(1e-9));
    }
}
