package yellowtally.core.oiling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.schedule.Uses.at;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.oiling.OilRatio.OilVerdict;
import yellowtally.core.oiling.OilRatio.Trend;
import yellowtally.core.settings.Numbers;

/** The lines of the oil ratio (handbook section 7): 0.3 is low and no hold, 0.6 and 1.3 are right. */
class OilRatioBoundsTest {

    @ParameterizedTest
    @CsvSource({
        "0,     NOT_OILING",
        "0.299, NOT_OILING",
        "0.3,   LOW",
        "0.599, LOW",
        "0.6,   RIGHT",
        "1.3,   RIGHT",
        "1.301, HIGH",
    })
    void theLines(double ratio, OilVerdict verdict) {
        assertThat(OilRatio.verdict(ratio, Numbers.STANDARD)).isEqualTo(verdict);
    }

    private static List<OilUse> uses(double... tanksAndOil) {
        List<OilUse> uses = new ArrayList<>();
        for (int i = 0; i < tanksAndOil.length; i += 2) {
            uses.add(new OilUse(at(1 + i, 16), tanksAndOil[i], tanksAndOil[i + 1]));
        }
        return uses;
    }

    /** Three tanks tell, less does not; an outing without fuel is none. */
    @Test
    void threeTanksTell() {
        assertThat(OilRatio.of(uses(1.5, 1, 1.5, 1), null, OilUsual.TOGETHER, Numbers.STANDARD))
                .isPresent();
        assertThat(OilRatio.of(uses(1.5, 1, 1.4, 1), null, OilUsual.TOGETHER, Numbers.STANDARD))
                .isEmpty();
        assertThat(OilRatio.of(uses(0, 9, 3, 3), null, OilUsual.TOGETHER, Numbers.STANDARD)
                        .orElseThrow()
                        .ratio())
                .isCloseTo(1, within(1e-9));
    }

    /** Only what was burned after the last passing card counts; an outing that ended with it belongs to before. */
    @Test
    void theCardBeginsAnew() {
        List<OilUse> uses = uses(3, 0.3, 3, 3);
        assertThat(OilRatio.of(uses, uses.get(0).at(), OilUsual.TOGETHER, Numbers.STANDARD)
                        .orElseThrow()
                        .verdict())
                .isEqualTo(OilVerdict.RIGHT);
        assertThat(OilRatio.of(uses, uses.get(1).at(), OilUsual.TOGETHER, Numbers.STANDARD))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"3, STEADY", "0.9, FALLING", "4.5, RISING"})
    void theTrendIsSeenOverTwoStretches(double oilOfLate, Trend trend) {
        assertThat(OilRatio.of(uses(3, 3, 3, oilOfLate), null, OilUsual.TOGETHER, Numbers.STANDARD)
                        .orElseThrow()
                        .trend())
                .isEqualTo(trend);
        assertThat(OilRatio.of(uses(3, oilOfLate), null, OilUsual.TOGETHER, Numbers.STANDARD)
                        .orElseThrow()
                        .trend())
                .isEqualTo(Trend.UNKNOWN);
    }

    @Test
    void oilOfATank() {
        assertThat(new OilUse(at(1, 16), 2, 1).ratio()).isEqualTo(0.5);
        assertThat(new OilUse(at(1, 16), 0, 1).ratio()).isZero();
    }
}
