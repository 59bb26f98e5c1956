package yellowtally.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class TensionTargetTest {

    /** tang × √(S/400), at most tang + 2, × work. Worked by hand. */
    @ParameterizedTest
    @CsvSource({
        "13, 5.0, FELLING, 4.543",
        "16, 5.5, FELLING, 5.544",
        "18, 5.5, FELLING, 5.880",
        "18, 5.5, LIMBING, 4.998",
        "18, 5.5, BRUSH,   4.998",
        "18, 5.5, BUCKING, 6.762",
        "20, 6.0, FELLING, 6.762",
        "28, 7.0, FELLING, 9.000",
        "36, 6.0, BUCKING, 9.200",
        "42, 6.0, LIMBING, 6.800",
        "42, 6.0, BUCKING, 9.200",
    })
    void growsWithTheBarAndFollowsTheWork(double inches, double tang, Work work, double mm) {
        assertThat(TensionTarget.pullDownMm(Readings.saw(inches, tang, work), Readings.STANDARD))
                .isCloseTo(mm, within(0.001));
    }

    @ParameterizedTest
    @EnumSource(Work.class)
    void aLongerBarNeverGetsASmallerTarget(Work work) {
        double before = 0;
        for (double inches = 6; inches <= 60; inches += 0.25) {
            double target = TensionTarget.pullDownMm(Readings.saw(inches, 6, work), Readings.STANDARD);
            assertThat(target).isGreaterThanOrEqualTo(before).isLessThanOrEqualTo(9.2);
            before = target;
        }
    }

    @Test
    void limbingStaysTighterThanBuckingOnEveryBar() {
        for (double inches = 6; inches <= 60; inches += 1) {
            assertThat(TensionTarget.pullDownMm(Readings.saw(inches, 6, Work.LIMBING), Readings.STANDARD))
                    .isLessThan(TensionTarget.pullDownMm(Readings.saw(inches, 6, Work.BUCKING), Readings.STANDARD));
        }
    }
}
