package yellowtally.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.settings.Numbers;

class WearProjectionTest {

    private static List<WearPoint> points(double... useAndMm) {
        List<WearPoint> points = new ArrayList<>();
        for (int i = 0; i < useAndMm.length; i += 2) {
            points.add(new WearPoint(Instant.EPOCH.plusSeconds(i * 3600L), useAndMm[i], useAndMm[i + 1]));
        }
        return points;
    }

    private static WearProjection of(WearKind kind, double limit, List<WearPoint> points) {
        return WearProjection.overTanks(points, kind, limit, Numbers.STANDARD).orElseThrow();
    }

    /** The worked example of the documentation: a sprocket read three times, and cutters that lose 0.15 mm a tank. */
    @Test
    void projectsFromTheMiddleOfAllSlopes() {
        WearProjection sprocket = of(WearKind.SPROCKET, 0.5, points(0, 0.0, 10, 0.10, 20, 0.20));
        assertThat(sprocket.readings()).isEqualTo(3);
        assertThat(sprocket.perUse().likely()).isCloseTo(0.01, within(1e-9));
        assertThat(sprocket.left().likely()).isCloseTo(30, within(1e-6));

        WearProjection cutter = of(WearKind.CUTTER, 4.0, points(3, 9.05, 6, 8.60, 9, 8.15, 12, 7.70));
        assertThat(cutter.perUse().likely()).isCloseTo(0.15, within(1e-9));
        assertThat(cutter.left().likely()).isCloseTo((7.70 - 4.0) / 0.15, within(1e-6));
    }

    /** Three readings on one line leave the rate to change: 30 tanks ± 1.28 × 0.3 of them, 30 / 1.384 to 30 × 1.384. */
    @Test
    void theRangeIsAsWideAsEightOfTenLives() {
        Range left =
                of(WearKind.SPROCKET, 0.5, points(0, 0.0, 10, 0.10, 20, 0.20)).left();
        assertThat(left.low()).isCloseTo(30 / (1 + 1.2816 * 0.3), within(1e-6));
        assertThat(left.high()).isCloseTo(30 * (1 + 1.2816 * 0.3), within(1e-6));
        Range noisy = of(WearKind.SPROCKET, 0.5, points(0, 0.0, 10, 0.13, 20, 0.20, 30, 0.27))
                .left();
        assertThat(noisy.high() / noisy.likely())
                .as("readings that scatter say less")
                .isGreaterThan(1.39);
    }

    @ParameterizedTest
    @CsvSource({"2, too few readings", "1, too few readings", "0, none"})
    void isSilentWithTooFewReadings(int readings) {
        List<WearPoint> points = points(0, 9, 10, 8, 20, 7).subList(0, readings);
        assertThat(WearProjection.overTanks(points, WearKind.CUTTER, 4, Numbers.STANDARD))
                .isEmpty();
    }

    @Test
    void isSilentWhenReadingsLieTooCloseTogether() {
        assertThat(WearProjection.overTanks(points(0, 9, 1, 8.9, 2.9, 8.7), WearKind.CUTTER, 4, Numbers.STANDARD))
                .isEmpty();
        assertThat(WearProjection.overTanks(points(5, 9, 5, 8.9, 5, 8.7), WearKind.CUTTER, 4, Numbers.STANDARD))
                .isEmpty();
    }

    @Test
    void oneSlipOfTheCaliperChangesLittle() {
        List<WearPoint> clean = points(0, 9.5, 3, 9.2, 6, 8.9, 9, 8.6, 12, 8.3, 15, 8.0);
        List<WearPoint> slipped = points(0, 9.5, 3, 9.2, 6, 4.1, 9, 8.6, 12, 8.3, 15, 8.0);
        assertThat(of(WearKind.CUTTER, 4, slipped).perUse().likely())
                .isCloseTo(of(WearKind.CUTTER, 4, clean).perUse().likely(), within(0.01));
    }

    @Test
    void saysNothingOfTheEndWhileNoWearIsSeen() {
        assertThat(of(WearKind.SPROCKET, 0.5, points(0, 0.1, 5, 0.1, 10, 0.1)).left())
                .isNull();
    }

    @Test
    void nothingIsLeftAtTheLimit() {
        assertThat(of(WearKind.SPROCKET, 0.5, points(0, 0.3, 5, 0.4, 10, 0.5)).left())
                .isEqualTo(Range.ZERO);
    }

    @Test
    void useIsCountedUpToTheReadingAndLifeFromToday() {
        UseAccount tanks = new UseAccount(List.of(
                new UseAccount.Used(Instant.ofEpochSecond(300), 5),
                new UseAccount.Used(Instant.ofEpochSecond(100), 10),
                new UseAccount.Used(Instant.ofEpochSecond(200), 10)));
        assertThat(tanks.until(Instant.ofEpochSecond(99))).isZero();
        assertThat(tanks.until(Instant.ofEpochSecond(100))).isEqualTo(10);
        assertThat(tanks.total()).isEqualTo(25);
        PartWear wear = PartWear.of(
                WearKind.SPROCKET,
                List.of(
                        new UseAccount.Reading(Instant.ofEpochSecond(200), 0.2),
                        new UseAccount.Reading(Instant.ofEpochSecond(0), 0.0),
                        new UseAccount.Reading(Instant.ofEpochSecond(150), 0.1)),
                tanks,
                0.5,
                Numbers.STANDARD);
        assertThat(wear.projection().left().likely()).isCloseTo(30, within(1e-6));
        assertThat(wear.tanksLeft().likely()).isCloseTo(25, within(1e-6));
    }
}
