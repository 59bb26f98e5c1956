package yellowtally.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.tension.Readings.EIGHTEEN_INCH;
import static yellowtally.core.tension.Readings.STANDARD;
import static yellowtally.core.tension.Readings.fair;
import static yellowtally.core.tension.Readings.moving;
import static yellowtally.core.tension.Readings.reading;
import static yellowtally.core.tension.Readings.verdict;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.cuttingset.BarSpec;
import yellowtally.core.settings.Numbers;

/** On the very line between two verdicts: which side it belongs to, and what is said there. */
class TensionBoundsTest {

    private static final double TARGET = TensionTarget.pullDownMm(EIGHTEEN_INCH, STANDARD);

    private static TensionVerdict judged(TensionEntry entry, Map<TensionSetting, Double> changed) {
        return (TensionVerdict) TensionJudge.judge(EIGHTEEN_INCH, entry, new Numbers(Map.copyOf(changed)));
    }

    /** A pull of a whole part of the target gives a ratio without a rest: half of it a quarter, twice of it four. */
    @ParameterizedTest
    @CsvSource({
        "RATIO_TOO_TIGHT, 0.25, 0.5, FIRM",
        "RATIO_FIRM,      1,    1,   RIGHT",
        "RATIO_RIGHT,     1,    1,   RIGHT",
        "RATIO_THROW,     4,    2,   LOOSE",
    })
    void theLineOfARatio(TensionSetting line, double at, double ofTarget, TensionOutcome outcome) {
        TensionEntry entry = fair(new TensionReading.PullDown(ofTarget * TARGET));
        assertThat(judged(entry, Map.of(line, at)).outcome()).isEqualTo(outcome);
    }

    @ParameterizedTest
    @CsvSource({
        "TWELFTH_PAST_TOUCH, 60,  FIRM",
        "TWELFTH_PAST_TOUCH, 45,  RIGHT",
        "TWELFTH_PAST_TOUCH, 20,  RIGHT",
        "RAIL_TOUCH,         0.5, RIGHT",
    })
    void theLineOfABand(TensionMethod method, double figure, TensionOutcome outcome) {
        assertThat(verdict(EIGHTEEN_INCH, reading(method, figure)).outcome()).isEqualTo(outcome);
    }

    @ParameterizedTest
    @CsvSource({
        "TANG_LINE, 5.88, RATIO",
        "LIFT_AND_SNAP, 5.88, RATIO",
        "RAIL_TOUCH, 0.2, BAND",
        "COIN_GAP, 1.8, BAND",
        "TWELFTH_PAST_TOUCH, 30, BAND",
    })
    void aVerdictSaysWhatItWentBy(TensionMethod method, double figure, TensionReason reason) {
        assertThat(verdict(EIGHTEEN_INCH, reading(method, figure)).reasons()).containsExactly(reason);
        assertThat(method.judgedByRatio()).isEqualTo(reason == TensionReason.RATIO);
    }

    /** Where one finger is asked for, a whole hand means firm; where a pull is read, the hand says nothing. */
    @ParameterizedTest
    @CsvSource({
        "RAIL_TOUCH, 0.2, FIRM",
        "TWELFTH_PAST_TOUCH, 30, FIRM",
        "TANG_LINE, 5.88, RIGHT",
        "COIN_GAP, 1.8, RIGHT"
    })
    void movingByHandOnly(TensionMethod method, double figure, TensionOutcome outcome) {
        TensionVerdict verdict = verdict(EIGHTEEN_INCH, moving(reading(method, figure), Movement.BY_HAND));
        assertThat(verdict.outcome()).isEqualTo(outcome);
        if (outcome == TensionOutcome.FIRM) {
            assertThat(verdict.reasons()).containsExactly(TensionReason.NOT_BY_ONE_FINGER, TensionReason.BAND);
            assertThat(verdict.next().kind()).isEqualTo(NextMove.Kind.TURN_OUT);
            assertThat(verdict.next().exactTurns()).isNegative();
        }
    }

    @ParameterizedTest
    @CsvSource({"1, NO_VERDICT, CONTRADICTORY", "3.5, NO_VERDICT, CONTRADICTORY", "5.88, LOOSE, NO_SPRING_BACK"})
    void aLiftThatDoesNotSpringBack(double lift, TensionOutcome outcome, TensionReason first) {
        TensionVerdict verdict = verdict(EIGHTEEN_INCH, new TensionReading.Lift(lift, false));
        assertThat(verdict.outcome()).isEqualTo(outcome);
        assertThat(verdict.reasons()).containsExactly(first, TensionReason.RATIO);
        if (outcome == TensionOutcome.LOOSE) {
            assertThat(verdict.next().kind()).isEqualTo(NextMove.Kind.TURN_IN);
            assertThat(verdict.next().exactTurns()).isEqualTo(AdjusterAdvice.SMALLEST_STEP);
        }
    }

    /** A chain tightened hot is slackened by as much before it cools; one that was only read is read again cold. */
    @ParameterizedTest
    @CsvSource({"0.25, SLACKEN_BEFORE_COOLING", "0, READ_COLD", "-0.25, READ_COLD"})
    void whatWasDoneHotIsUndone(double turns, NextMove.Kind kind) {
        TensionEntry entry = new TensionEntry(
                new TensionReading.PullDown(6),
                EnumSet.complementOf(EnumSet.of(FairCondition.COLD)),
                Movement.ONE_FINGER,
                false,
                false,
                turns);
        TensionVerdict verdict = verdict(EIGHTEEN_INCH, entry);
        assertThat(verdict.next().kind()).isEqualTo(kind);
        boolean tightened = kind == NextMove.Kind.SLACKEN_BEFORE_COOLING;
        assertThat(verdict.reasons().contains(TensionReason.TIGHTENED_HOT)).isEqualTo(tightened);
        if (tightened) {
            assertThat(verdict.next().exactTurns()).isEqualTo(-turns);
        }
    }

    @Test
    void onlyAFigureOfSlackTellsSlack() {
        assertThat(EnumSet.allOf(TensionOutcome.class).stream().filter(TensionOutcome::tellsSlack))
                .containsExactly(
                        TensionOutcome.TOO_TIGHT,
                        TensionOutcome.FIRM,
                        TensionOutcome.RIGHT,
                        TensionOutcome.LOOSE,
                        TensionOutcome.THROW_RISK);
    }

    /** 1,000 mm of loop: 15 mm are 1.5 %, 20 mm are 2 %, and 2 of 20 mm of travel are just enough. */
    @ParameterizedTest
    @CsvSource({
        "7.49, 0,    FINE",
        "7.5,  0,    WATCH",
        "9.99, 0,    WATCH",
        "10,   0,    RETIRE",
        "0,    18,   FINE",
        "0,    18.1, RETIRE"
    })
    void theLinesOfGrowth(double takenUp, double travelUsed, ChainGrowth.Advice advice) {
        assertThat(ChainGrowth.of(1000, new Grown(2 * takenUp, null, null, 0), 20.0, travelUsed, STANDARD)
                        .advice())
                .isEqualTo(advice);
    }

    @Test
    void theLinesOfGrowthInMillimetres() {
        assertThat(ChainGrowth.watchMm(1200, STANDARD)).isCloseTo(18, within(1e-9));
        assertThat(ChainGrowth.retireMm(1200, STANDARD)).isCloseTo(24, within(1e-9));
    }

    /** Checks a tank apart: {@code slow} steps and then {@code fast} ones, mm each. */
    private static TakeUp takeUp(double first, int slowSteps, double slow, double fast, Double sisters) {
        List<TakeUp.Point> points = new ArrayList<>();
        double growth = 0;
        for (int i = 0; i <= slowSteps + 4; i++) {
            points.add(new TakeUp.Point(first + i, growth));
            growth += i < slowSteps ? slow : fast;
        }
        SisterPaces paces = sisters == null ? SisterPaces.NONE : new SisterPaces(List.of(sisters, sisters));
        return TakeUp.of(points, paces, STANDARD);
    }

    /** Twice its past, twice its sisters, and 0.8 mm at least: all of them on the line. Quarters have no rest. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "4, 0.25,  0.5,    -,     FASTER_THAN_ITS_PAST",
                "4, 0.25,  0.4375, -,     STEADY",
                "4, 0.125, 0.2,    -,     STEADY",
                "4, 0.5,   0.5,    0.25,  FASTER_THAN_ITS_SISTERS",
                "4, 0.5,   0.5,    0.375, STEADY",
                "0, 0,     0.5,    -,     STEADY",
                "0, 0,     0.5,    0.25,  FASTER_THAN_ITS_SISTERS",
            })
    void theLinesOfTakingUpFast(int slowSteps, double slow, double fast, Double sisters, TakeUp.State state) {
        assertThat(takeUp(1, slowSteps, slow, fast, sisters).state()).isEqualTo(state);
    }

    /** The first tank beds a new chain in; a reading at its very end counts. */
    @Test
    void theFirstTankIsNoPast() {
        TakeUp atTheEnd = takeUp(1, 1, 0.3, 0.3, null);
        assertThat(atTheEnd.recentMmPerTank()).isCloseTo(0.3, within(1e-9));
        assertThat(takeUp(0.5, 0, 0.3, 0.3, null).state()).isEqualTo(TakeUp.State.TOO_FEW_READINGS);
        assertThat(takeUp(1, 0, 0.3, 0.3, null).recentMmPerTank()).isCloseTo(0.3, within(1e-9));
    }

    @Test
    void aRateNeedsTanks() {
        assertThat(TakeUp.rate(List.of(new TakeUp.Point(2, 1)))).isNull();
        assertThat(TakeUp.rate(List.of(new TakeUp.Point(2, 1), new TakeUp.Point(2, 3))))
                .isNull();
        assertThat(TakeUp.rate(List.of(new TakeUp.Point(2, 1), new TakeUp.Point(4, 3))))
                .isEqualTo(1);
    }

    @Test
    void halfwayBetweenTwoTurnsTheSmallerIsSaid() {
        assertThat(HandTurn.nearest(1.125)).isEqualTo(new HandTurn(1, 0, 1));
        assertThat(HandTurn.nearest(1.625)).isEqualTo(new HandTurn(1, 1, 2));
    }

    /** Under a third of the aim an angle carries too little; at a third it counts. */
    @ParameterizedTest
    @CsvSource({"10, true", "9.9, false"})
    void theSmallestAngleThatCalibrates(double degrees, boolean tells) {
        double atTouch = STANDARD.of(TensionSetting.SCALE_RAIL) * TARGET;
        assertThat(ScaleCalibration.share(new TensionReading.PastTouch(degrees), atTouch * 0.9, EIGHTEEN_INCH, STANDARD)
                        .isPresent())
                .isEqualTo(tells);
    }

    @ParameterizedTest
    @CsvSource({"0.5, true", "1, false", "0.02, false"})
    void aPairThatCannotBelongTogetherCalibratesNothing(double ofTarget, boolean tells) {
        assertThat(ScaleCalibration.share(new TensionReading.RailGap(0), ofTarget * TARGET, EIGHTEEN_INCH, STANDARD)
                        .isPresent())
                .isEqualTo(tells);
    }

    @Test
    void aSettingMayStandOnTheEndsOfItsRange() {
        TensionSetting setting = TensionSetting.GROWTH_WATCH;
        for (double at : new double[] {setting.min(), setting.max()}) {
            assertThat(new Numbers(Map.of(setting, at)).of(setting)).isEqualTo(at);
        }
        for (double at : new double[] {setting.min() - 0.01, setting.max() + 0.01, Double.NaN}) {
            assertThatIllegalArgumentException().isThrownBy(() -> new Numbers(Map.of(setting, at)));
        }
    }

    @Test
    void twoSettingsThatMustRiseMayNotBeEqual() {
        assertThat(new Numbers(Map.of(TensionSetting.GROWTH_WATCH, 2.0)).disorder(List.of(TensionSetting.values())))
                .containsExactly(new Numbers.Disorder(TensionSetting.GROWTH_WATCH, TensionSetting.GROWTH_RETIRE));
        assertThat(new Numbers(Map.of(TensionSetting.GROWTH_WATCH, 1.9)).disorder(List.of(TensionSetting.values())))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"20, 5, true", "20.1, 5, false", "20, 5.1, false", "0, 5, false", "20, 0, false"})
    void aSubjectStandsOnTheEndsOfItsRanges(double tang, double lead, boolean can) {
        for (double bar : new double[] {BarSpec.MIN_LENGTH_MM, BarSpec.MAX_LENGTH_MM}) {
            if (can) {
                assertThat(new TensionSubject(bar, tang, Work.FELLING, lead).barLengthMm())
                        .isEqualTo(bar);
            } else {
                assertThatIllegalArgumentException()
                        .isThrownBy(() -> new TensionSubject(bar, tang, Work.FELLING, lead));
            }
        }
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new TensionSubject(BarSpec.MAX_LENGTH_MM + 1, 6, Work.FELLING, 0.8));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new TensionSubject(BarSpec.MIN_LENGTH_MM - 1, 6, Work.FELLING, 0.8));
    }

    /** The bands lie end to end from no slack at all to beyond the throw risk, and none is empty. */
    @ParameterizedTest
    @CsvSource({
        "TANG_LINE,          TOO_TIGHT FIRM RIGHT LOOSE THROW_RISK",
        "LIFT_AND_SNAP,      TOO_TIGHT FIRM RIGHT LOOSE THROW_RISK",
        "RAIL_TOUCH,         FIRM RIGHT LOOSE THROW_RISK",
        "COIN_GAP,           TOO_TIGHT FIRM RIGHT LOOSE THROW_RISK",
        "TWELFTH_PAST_TOUCH, TOO_TIGHT FIRM RIGHT LOOSE THROW_RISK",
    })
    void theBandsOfAMethodLieEndToEnd(TensionMethod method, String outcomes) {
        CommonScale scale = CommonScale.of(EIGHTEEN_INCH, method, STANDARD);
        assertThat(scale.bands().stream().map(band -> band.outcome().name())).containsExactly(outcomes.split(" "));
        double reached = 0;
        for (CommonScale.Band band : scale.bands()) {
            assertThat(band.fromMm()).isEqualTo(reached);
            assertThat(band.toMm()).isGreaterThan(reached);
            reached = band.toMm();
        }
        assertThat(reached).isEqualTo(scale.endMm());
    }

    /** From the tightest aim to the loosest; what nobody has calibrated says that it is an estimate. */
    @Test
    void theMarksRiseAndSayWhatIsEstimated() {
        CommonScale scale = CommonScale.of(EIGHTEEN_INCH, TensionMethod.TANG_LINE, STANDARD);
        assertThat(scale.marks()).isSortedAccordingTo((a, b) -> Double.compare(a.placeMm(), b.placeMm()));
        assertThat(scale.marks().stream().filter(CommonScale.Mark::estimated).map(CommonScale.Mark::method))
                .containsExactlyInAnyOrder(TensionMethod.RAIL_TOUCH, TensionMethod.TWELFTH_PAST_TOUCH);
    }
}
