package yellowtally.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.settings.Numbers;

/** What can be a length over ten drive links: from a twentieth shorter than new to seven percent longer. */
class TenLinksTest {

    @ParameterizedTest
    @CsvSource({"P_325, 156.845, 176.657", "P_3_8, 180.975, 203.835"})
    void lengthsThatCanBe(Pitch pitch, double least, double most) {
        assertThat(TenLinks.leastMm(pitch, Numbers.STANDARD)).isCloseTo(least, within(0.001));
        assertThat(TenLinks.mostMm(pitch, Numbers.STANDARD)).isCloseTo(most, within(0.001));
    }
}
