package yellowtally.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.tension.Readings.EIGHTEEN_INCH;
import static yellowtally.core.tension.Readings.STANDARD;
import static yellowtally.core.tension.Readings.reading;
import static yellowtally.core.tension.Readings.verdict;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.core.settings.Numbers;

class CommonScaleTest {

    /** 18 in, .325: target 5.880. */
    @ParameterizedTest
    @CsvSource({
        "TWELFTH_PAST_TOUCH, 1.470, true",
        "COIN_GAP,           1.924, false",
        "RAIL_TOUCH,         2.352, true",
        "TANG_LINE,          5.880, false",
        "LIFT_AND_SNAP,      5.880, false",
    })
    void everyMethodHasItsPlace(TensionMethod method, double mm, boolean estimated) {
        CommonScale scale = CommonScale.of(EIGHTEEN_INCH, TensionMethod.TANG_LINE, STANDARD);
        assertThat(scale.marks())
                .filteredOn(mark -> mark.method() == method)
                .singleElement()
                .satisfies(mark -> {
                    assertThat(mark.placeMm()).isCloseTo(mm, within(0.001));
                    assertThat(mark.estimated()).isEqualTo(estimated);
                });
    }

    @ParameterizedTest
    @EnumSource(TensionMethod.class)
    void bandsLieEndToEndInOrderOfSlack(TensionMethod method) {
        List<CommonScale.Band> bands =
                CommonScale.of(EIGHTEEN_INCH, method, STANDARD).bands();
        assertThat(bands.get(0).fromMm()).isZero();
        for (int i = 1; i < bands.size(); i++) {
            assertThat(bands.get(i).fromMm()).isEqualTo(bands.get(i - 1).toMm());
            assertThat(bands.get(i).outcome()).isGreaterThan(bands.get(i - 1).outcome());
        }
        assertThat(bands).last().extracting(CommonScale.Band::outcome).isEqualTo(TensionOutcome.THROW_RISK);
    }

    /** The drawing must never contradict the verdict bar under it. */
    @ParameterizedTest
    @EnumSource(TensionMethod.class)
    void theBandUnderAReadingIsItsVerdict(TensionMethod method) {
        CommonScale scale = CommonScale.of(EIGHTEEN_INCH, method, STANDARD);
        boolean angle = method == TensionMethod.TWELFTH_PAST_TOUCH;
        for (int step = 1; step < 140; step++) {
            double figure = angle ? step * 0.47 : step * 0.097;
            double place = CommonScale.placeMm(method, figure, EIGHTEEN_INCH, STANDARD);
            scale.bands().stream()
                    .filter(band -> place > band.fromMm() + 1e-9 && place < band.toMm() - 1e-9)
                    .forEach(band -> assertThat(verdict(EIGHTEEN_INCH, reading(method, figure))
                                    .outcome())
                            .as("%s %.3f at %.3f", method, figure, place)
                            .isEqualTo(band.outcome()));
        }
    }

    @Test
    void calibrationByTwoMethodsMovesTheMark() {
        double share = ScaleCalibration.share(new TensionReading.RailGap(0), 2.94, EIGHTEEN_INCH, STANDARD)
                .orElseThrow();
        assertThat(share).isCloseTo(0.5, within(0.001));
        Numbers calibrated = new Numbers(Map.of(TensionSetting.SCALE_RAIL, share));
        assertThat(CommonScale.aimPlaceMm(TensionMethod.RAIL_TOUCH, EIGHTEEN_INCH, calibrated))
                .isCloseTo(2.94, within(0.001));
    }

    @Test
    void calibrationUndoesTheAngleItWasReadAt() {
        double pull = CommonScale.placeMm(TensionMethod.TWELFTH_PAST_TOUCH, 20, EIGHTEEN_INCH, STANDARD);
        assertThat(ScaleCalibration.share(new TensionReading.PastTouch(20), pull, EIGHTEEN_INCH, STANDARD))
                .hasValueSatisfying(share -> assertThat(share).isCloseTo(0.25, within(1e-9)));
    }

    @Test
    void pairsThatCannotBelongTogetherAreNotTaken() {
        assertThat(ScaleCalibration.share(new TensionReading.RailGap(4), 1, EIGHTEEN_INCH, STANDARD))
                .isEmpty();
        assertThat(ScaleCalibration.share(new TensionReading.PastTouch(5), 2, EIGHTEEN_INCH, STANDARD))
                .isEmpty();
        assertThat(ScaleCalibration.share(new TensionReading.CoinGap(1), 2, EIGHTEEN_INCH, STANDARD))
                .isEmpty();
    }

    @Test
    void severalCalibrationsSettleOnTheMedian() {
        assertThat(ScaleCalibration.settled(List.of(0.5, 0.3, 0.9))).isEqualTo(0.5);
        assertThat(ScaleCalibration.settled(List.of(0.5, 0.3))).isCloseTo(0.4, within(1e-9));
    }
}
