package yellowtally.core.cuttingset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What can be a bar, a loop, a sprocket: the ends of each range belong to it, what lies beyond is refused. */
class SetBoundsTest {

    private static BarSpec bar(double lengthMm, int driveLinks) {
        return new BarSpec(lengthMm, Pitch.P_325, Gauge.G_050, driveLinks, NoseKind.SOLID);
    }

    @ParameterizedTest
    @ValueSource(doubles = {6 * 25.4, 18 * 25.4, 60 * 25.4})
    void barsThatCanBe(double lengthMm) {
        assertThat(bar(lengthMm, 68).lengthMm()).isEqualTo(lengthMm);
    }

    @ParameterizedTest
    @ValueSource(doubles = {152.3, 1524.1, -1, Double.NaN})
    void barsThatCannotBe(double lengthMm) {
        assertThatIllegalArgumentException().isThrownBy(() -> bar(lengthMm, 68));
    }

    @ParameterizedTest
    @ValueSource(ints = {20, 68, 250})
    void driveLinksThatCanBe(int links) {
        assertThat(new LoopSpec(Pitch.P_325, Gauge.G_050, links).driveLinks()).isEqualTo(links);
        assertThat(bar(400, links).driveLinks()).isEqualTo(links);
    }

    @ParameterizedTest
    @ValueSource(ints = {19, 251, 0, -68})
    void driveLinksThatCannotBe(int links) {
        assertThatIllegalArgumentException().isThrownBy(() -> new LoopSpec(Pitch.P_325, Gauge.G_050, links));
        assertThatIllegalArgumentException().isThrownBy(() -> bar(400, links));
    }

    @Test
    void sprocketsHaveFiveToTwelveTeeth() {
        for (int teeth : new int[] {5, 12}) {
            assertThat(new SprocketSpec(SprocketKind.RIM, teeth, Pitch.P_325).teeth())
                    .isEqualTo(teeth);
        }
        for (int teeth : new int[] {4, 13}) {
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> new SprocketSpec(SprocketKind.RIM, teeth, Pitch.P_325));
        }
    }

    @ParameterizedTest
    @EnumSource(Gauge.class)
    void aGaugeIsWrittenAsTheTradeDoes(Gauge gauge) {
        assertThat(gauge.label()).matches("\\.0\\d\\d\"");
        assertThat(Double.parseDouble(gauge.label().replace("\"", "")) * 25.4).isEqualTo(gauge.mm());
    }
}
