package yellowtally.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumberTextTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"7 | 7", "0.4|0.4", "0,4|0.4", ".4|0.4", ",4|0.4", "4.|4", "-3|-3", "−3,5|-3.5", "+2|2", " 12 |12"
            })
    void readsWhatPeopleType(String typed, double figure) {
        assertThat(NumberText.read(typed)).hasValue(figure);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                " ",
                ".",
                ",",
                "-",
                "1.2.3",
                "1,2,3",
                "1e5",
                "0x1p3",
                "NaN",
                "Infinity",
                "1d",
                "1 2",
                "12345678901",
                "four",
                "--1",
                "٣"
            })
    void refusesWhatIsNoFigure(String typed) {
        assertThat(NumberText.read(typed)).isEmpty();
    }

    @Property
    void commaAndPointAreTheSame(@ForAll @DoubleRange(min = -9999, max = 9999) double figure) {
        String typed = String.format(Locale.ROOT, "%.3f", figure);
        assertThat(NumberText.read(typed)).isEqualTo(NumberText.read(typed.replace('.', ',')));
    }
}
