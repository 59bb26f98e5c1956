package yellowtally.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthUnitTest {

    @ParameterizedTest
    @CsvSource({
        "6,      6 mm,    0.236 in",
        "6.354,  6.35 mm, 0.25 in",
        "0.65,   0.65 mm, 0.026 in",
        "15,     15 mm,   0.591 in",
        "0,      0 mm,    0 in",
        "100,    100 mm,  3.937 in",
        "508,    508 mm,  20 in",
    })
    void saysALength(double mm, String metric, String inches) {
        assertThat(LengthUnit.MM.said(mm)).isEqualTo(metric);
        assertThat(LengthUnit.INCH.said(mm)).isEqualTo(inches);
    }

    /** What is said is read again as the same, as far as it was said. */
    @Property
    void whatIsSaidIsReadAgain(@ForAll @DoubleRange(min = 0, max = 2000) double mm, @ForAll LengthUnit unit) {
        LengthReading read = LengthText.read(unit.said(mm), LengthUnit.MM);
        assertThat(read).isInstanceOf(LengthReading.Read.class);
        assertThat(Math.abs(((LengthReading.Read) read).mm() - mm)).isLessThanOrEqualTo(0.0128);
    }

    @ParameterizedTest
    @CsvSource({
        "1,       1 mm,       0.0394 in",
        "15,      15 mm,      0.5906 in",
        "0.001,   0.001 mm,   0.0001 in",
        "8.9996,  9 mm,       0.3544 in",
        "25.4,    25.4 mm,    1 in",
    })
    void saysTheLeastThatIsTaken(double mm, String metric, String inches) {
        assertThat(LengthUnit.MM.said(mm, Rounding.UP)).isEqualTo(metric);
        assertThat(LengthUnit.INCH.said(mm, Rounding.UP)).isEqualTo(inches);
    }

    @ParameterizedTest
    @CsvSource({
        "1,       1 mm,       0.0393 in",
        "15,      15 mm,      0.5905 in",
        "0.001,   0.001 mm,   0 in",
        "8.9996,  8.999 mm,   0.3543 in",
        "25.4,    25.4 mm,    1 in",
    })
    void saysTheMostThatIsTaken(double mm, String metric, String inches) {
        assertThat(LengthUnit.MM.said(mm, Rounding.DOWN)).isEqualTo(metric);
        assertThat(LengthUnit.INCH.said(mm, Rounding.DOWN)).isEqualTo(inches);
    }

    /** Whoever types the end of a range as it was said is inside it. */
    @Property
    void theEndsOfARangeAreInsideIt(@ForAll @DoubleRange(min = 0, max = 2000) double mm, @ForAll LengthUnit unit) {
        assertThat(read(unit.said(mm, Rounding.UP))).isGreaterThanOrEqualTo(mm - 1e-6);
        assertThat(read(unit.said(mm, Rounding.DOWN))).isLessThanOrEqualTo(mm + 1e-6);
    }

    private static double read(String said) {
        return ((LengthReading.Read) LengthText.read(said, LengthUnit.MM)).mm();
    }

    @ParameterizedTest
    @CsvSource({
        "6.76,    6.8 mm,   17/64 in",
        "6.35,    6.4 mm,   1/4 in",
        "30.1625, 30.2 mm,  1 3/16 in",
        "25.4,    25.4 mm,  1 in",
        "25.3,    25.3 mm,  1 in",
        "0,       0 mm,     0 in",
        "0.1,     0.1 mm,   0 in",
    })
    void saysWhatARuleShows(double mm, String metric, String inches) {
        assertThat(LengthUnit.MM.saidByRule(mm)).isEqualTo(metric);
        assertThat(LengthUnit.INCH.saidByRule(mm)).isEqualTo(inches);
    }

    @ParameterizedTest(name = "{0} mm: {1}")
    @CsvSource({
        "13, metric 13",
        "19, metric 19",
        "12.7, 1/2 in",
        "11.1125, 7/16 in",
        "14.2875, 9/16 in",
        "19.05, 3/4 in",
        "26.9875, 1 1/16 in",
        "27, metric 27"
    })
    void aKeyIsCalledAsItIsStamped(double mm, String said) {
        assertThat(LengthUnit.INCH.saidOfKey(mm)).isEqualTo(said);
        assertThat(LengthUnit.MM.saidOfKey(mm)).isEqualTo(LengthUnit.MM.saidByRule(mm));
    }

    /** What is said is read again as the same, as far as a rule goes. */
    @Property
    void whatARuleShowsIsReadAgain(@ForAll @DoubleRange(min = 0, max = 2000) double mm, @ForAll LengthUnit unit) {
        LengthReading read = LengthText.read(unit.saidByRule(mm), LengthUnit.MM);
        assertThat(read).isInstanceOf(LengthReading.Read.class);
        assertThat(Math.abs(((LengthReading.Read) read).mm() - mm)).isLessThanOrEqualTo(25.4 / 128 + 1e-9);
    }
}
