package yellowtally.core.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.settings.Numbers;

/** Strokes are summed per side until both sides are measured (handbook section 4); 0.06 mm a stroke. */
class SidesOfLoopTest {

    /** A life as words: {@code m} left and right measured, {@code f} strokes left and right, {@code e} all to one length. */
    private static SidesOfLoop life(String words) {
        SidesOfLoop sides = SidesOfLoop.EVEN;
        for (String word : words.strip().split("\\s+")) {
            String[] figures = word.substring(1).split("/");
            sides = switch (word.charAt(0)) {
                case 'm' -> sides.measured(Double.parseDouble(figures[0]), Double.parseDouble(figures[1]), 0.1);
                case 'f' -> sides.filed(Double.parseDouble(figures[0]), Double.parseDouble(figures[1]), 0.06);
                case 'e' -> SidesOfLoop.EVEN;
                default -> throw new IllegalArgumentException(word);
            };
        }
        return sides;
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "f3/3 f3/3                    | 0     | false",
                "f8/3                         | -0.30 | false",
                "f9/3                         | -0.36 | true",
                "f3/9                         | 0.36  | true",
                // Summed, and an even filing wipes nothing out.
                "f5/3 f5/3                    | -0.24 | false",
                "f5/3 f5/3 f5/3               | -0.36 | true",
                "f9/3 f3/3 f3/3               | -0.36 | true",
                "f9/3 f3/9                    | 0     | false",
                // Measured: what was reckoned counts no more; strokes that bring measured sides together are no fault.
                "f9/3 m7.0/7.0                | 0     | false",
                "m7.36/7.0 f9/3               | 0     | false",
                "m7.36/7.0                    | 0.36  | false",
                "m7.36/7.0 f3/3               | 0.36  | false",
                "m7.0/7.0 f9/3                | -0.36 | true",
                "f9/3 e                       | 0     | false",
            })
    void strokesLeadTheSidesApart(String words, double difference, boolean measure) {
        SidesOfLoop sides = life(words);
        assertThat(sides.leftLessRightMm()).isCloseTo(difference, within(1e-9));
        assertThat(sides.wantMeasuring(Numbers.STANDARD)).isEqualTo(measure);
    }
}
