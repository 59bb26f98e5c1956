package yellowtally.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.settings.Numbers;

class ChainGrowthTest {

    private static final double LOOP = 1122.68;

    /** 68 links of .325; each mm of bar movement is 2 mm of loop. Limits: 16.84 mm watch, 22.45 mm retire. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "0,    -,     -,  0,   0,     0,     FINE",
                "4,    -,     20, 4,   8,     0.713, FINE",
                "8.5,  -,     20, 8.5, 17,    1.514, WATCH",
                "11.3, -,     20, 12,  22.6,  2.013, RETIRE",
                "4,    0.13,  20, 4,   17.68, 1.575, WATCH",
                "9,    0.01,  20, 9,   18,    1.603, WATCH",
                "4,    -,     15, 13.6, 8,    0.713, RETIRE",
                "-2,   -,     15, -2,  0,     0,     FINE",
            })
    void growsByTurnsOrByJointPlayWhicheverIsMore(
            double takenUp, Double play, Double travel, double used, double mm, double percent, ChainGrowth.Advice is) {
        ChainGrowth growth = ChainGrowth.of(
                LOOP,
                new Grown(Math.max(0, 2 * takenUp), play == null ? null : Double.valueOf(2 * 68 * play), null, 0),
                travel,
                used,
                Numbers.STANDARD);
        assertThat(growth.mm()).isCloseTo(mm, within(0.001));
        assertThat(growth.percent()).isCloseTo(percent, within(0.001));
        assertThat(growth.advice()).isEqualTo(is);
    }

    @Test
    void tellsTravelLeftAndWhyItRetires() {
        ChainGrowth growth = ChainGrowth.of(LOOP, new Grown(8, null, null, 0), 15.0, 13.6, Numbers.STANDARD);
        assertThat(growth.travelLeftMm()).isCloseTo(1.4, within(1e-9));
        assertThat(growth.reasons()).containsExactly(ChainGrowth.Reason.TRAVEL_NEARLY_USED);
    }

    @Test
    void moreTakenUpNeverGetsMilderAdvice() {
        ChainGrowth.Advice before = ChainGrowth.Advice.FINE;
        for (double taken = 0; taken < 30; taken += 0.1) {
            ChainGrowth.Advice now = ChainGrowth.of(
                            LOOP, new Grown(2 * taken, null, null, 0), 40.0, taken, Numbers.STANDARD)
                    .advice();
            assertThat(now).isGreaterThanOrEqualTo(before);
            before = now;
        }
        assertThat(before).isEqualTo(ChainGrowth.Advice.RETIRE);
    }

    private static List<TakeUp.Point> pace(double before, double after) {
        java.util.ArrayList<TakeUp.Point> points = new java.util.ArrayList<>();
        double growth = 0;
        for (int tank = 0; tank <= 14; tank++) {
            points.add(new TakeUp.Point(tank, growth));
            growth += tank < 10 ? before : after;
        }
        return points;
    }

    @ParameterizedTest
    @CsvSource({
        "0.3, 0.3, STEADY",
        "0.3, 0.5, STEADY",
        "0.3, 0.9, FASTER_THAN_ITS_PAST",
        "0.01, 0.1, STEADY",
        "0.9, 0.9, FASTER_THAN_ITS_SISTERS",
    })
    void fastIsTwiceItsPastOrItsSisters(double before, double after, TakeUp.State state) {
        assertThat(TakeUp.of(pace(before, after), new SisterPaces(List.of(0.3, 0.35, 0.25)), Numbers.STANDARD)
                        .state())
                .isEqualTo(state);
    }

    @Test
    void fewReadingsSayNothing() {
        assertThat(TakeUp.of(pace(1, 1).subList(0, 4), SisterPaces.NONE, Numbers.STANDARD)
                        .state())
                .isEqualTo(TakeUp.State.TOO_FEW_READINGS);
        assertThat(TakeUp.of(pace(0.9, 0.9), new SisterPaces(List.of(0.3)), Numbers.STANDARD)
                        .state())
                .isEqualTo(TakeUp.State.STEADY);
    }

    @Test
    void readingsWithoutATankBetweenThemSayNothing() {
        List<TakeUp.Point> still = java.util.Collections.nCopies(8, new TakeUp.Point(3, 2));
        assertThat(TakeUp.of(still, SisterPaces.NONE, Numbers.STANDARD).state())
                .isEqualTo(TakeUp.State.TOO_FEW_READINGS);
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {"1;2;9, 2, 5", "1;2;9, -, 2", "1;2;9, 7, 2", "1;2, 1, -", "1;2;3;4, 1, 3", "1;1;5, 1, 3", "4, -, -"
            })
    void sistersAreComparedWithoutTheLoopItself(String paces, Double own, Double median) {
        SisterPaces sisters = new SisterPaces(
                java.util.Arrays.stream(paces.split(";")).map(Double::valueOf).toList());
        assertThat(sisters.medianWithout(own, Numbers.STANDARD)).isEqualTo(median);
    }
}
