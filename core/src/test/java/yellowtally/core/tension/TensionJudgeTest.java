package yellowtally.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.tension.Readings.EIGHTEEN_INCH;
import static yellowtally.core.tension.Readings.STANDARD;
import static yellowtally.core.tension.Readings.fair;
import static yellowtally.core.tension.Readings.moving;
import static yellowtally.core.tension.Readings.reading;
import static yellowtally.core.tension.Readings.saw;
import static yellowtally.core.tension.Readings.verdict;
import static yellowtally.core.tension.Readings.without;

import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class TensionJudgeTest {

    /** 18 in, .325: target 5.880 mm; bounds at 2.940, 4.158, 7.437, 11.000 mm; the coin band times 1.069. */
    @ParameterizedTest
    @CsvSource({
        "TANG_LINE,     0,     TOO_TIGHT",
        "TANG_LINE,     2.9,   TOO_TIGHT",
        "TANG_LINE,     3.0,   FIRM",
        "TANG_LINE,     4.1,   FIRM",
        "TANG_LINE,     4.2,   RIGHT",
        "TANG_LINE,     5.88,  RIGHT",
        "TANG_LINE,     7.4,   RIGHT",
        "TANG_LINE,     7.5,   LOOSE",
        "TANG_LINE,     10.9,  LOOSE",
        "TANG_LINE,     11.1,  THROW_RISK",
        "LIFT_AND_SNAP, 5,     RIGHT",
        "LIFT_AND_SNAP, 9,     LOOSE",
        "RAIL_TOUCH,    0,     RIGHT",
        "RAIL_TOUCH,    0.5,   RIGHT",
        "RAIL_TOUCH,    0.6,   LOOSE",
        "RAIL_TOUCH,    5.5,   THROW_RISK",
        "COIN_GAP,      0.3,   TOO_TIGHT",
        "COIN_GAP,      0.7,   FIRM",
        "COIN_GAP,      0.86,  RIGHT",
        "COIN_GAP,      2.45,  RIGHT",
        "COIN_GAP,      2.47,  LOOSE",
        "COIN_GAP,      12,    THROW_RISK",
        "TWELFTH_PAST_TOUCH, 19, LOOSE",
        "TWELFTH_PAST_TOUCH, 20, RIGHT",
        "TWELFTH_PAST_TOUCH, 45, RIGHT",
        "TWELFTH_PAST_TOUCH, 50, FIRM",
        "TWELFTH_PAST_TOUCH, 61, TOO_TIGHT",
    })
    void eachMethodHasItsOwnVerdict(TensionMethod method, double figure, TensionOutcome outcome) {
        assertThat(verdict(EIGHTEEN_INCH, reading(method, figure)).outcome()).isEqualTo(outcome);
    }

    @ParameterizedTest
    @CsvSource({"INSIDE, FIRM, NONE", "LEVEL, RIGHT, NONE", "CLEAR, LOOSE, MEASURE"})
    void byEyeTheTipsDecide(TipsPosition tips, TensionOutcome outcome, NextMove.Kind next) {
        TensionVerdict verdict = verdict(EIGHTEEN_INCH, new TensionReading.TipsByEye(tips));
        assertThat(verdict.outcome()).isEqualTo(outcome);
        assertThat(verdict.reasons()).containsExactly(TensionReason.BY_EYE);
        assertThat(verdict.next().kind()).isEqualTo(next);
        assertThat(verdict.figures().ratio()).isNull();
    }

    /** 16 in, 3/8: 11 mm reads loose; e = 0.595, target 0.18; a quarter of a turn at 0.8 mm lead. */
    @Test
    void saysAQuarterTurnForElevenMillimetresOnSixteenInch() {
        TensionVerdict verdict = verdict(saw(16, 6, Work.FELLING), new TensionReading.PullDown(11));
        assertThat(verdict.outcome()).isEqualTo(TensionOutcome.LOOSE);
        assertThat(verdict.next().kind()).isEqualTo(NextMove.Kind.TURN_IN);
        assertThat(verdict.next().turn()).isEqualTo(new HandTurn(0, 1, 4));
        assertThat(verdict.next().aim()).isCloseTo(6.05, within(0.01));
        assertThat(verdict.figures().slackMm()).isCloseTo(0.595, within(0.001));
    }

    /** The coin band grows with the bar like the pull: 42 in is 1.633 times; a short bar keeps the coin's own. */
    @ParameterizedTest
    @CsvSource({
        "12, 0.79, FIRM",
        "12, 0.8,  RIGHT",
        "12, 2.3,  RIGHT",
        "12, 2.31, LOOSE",
        "42, 1.30, FIRM",
        "42, 1.31, RIGHT",
        "42, 3.75, RIGHT",
        "42, 3.76, LOOSE",
    })
    void theCoinBandGrowsWithTheBar(double inches, double mm, TensionOutcome outcome) {
        assertThat(verdict(saw(inches, 6, Work.FELLING), new TensionReading.CoinGap(mm))
                        .outcome())
                .isEqualTo(outcome);
    }

    @ParameterizedTest
    @CsvSource({"36, false", "36.1, true", "42, true"})
    void overThirtySixInchesABarSagsByItself(double inches, boolean sags) {
        assertThat(TensionSubject.longBar(inches * 25.4, Readings.STANDARD)).isEqualTo(sags);
    }

    @Test
    void tooTightIsTurnedOut() {
        NextMove next = verdict(EIGHTEEN_INCH, new TensionReading.PullDown(1)).next();
        assertThat(next.kind()).isEqualTo(NextMove.Kind.TURN_OUT);
        assertThat(next.exactTurns()).isNegative();
    }

    @ParameterizedTest
    @EnumSource(
            value = FairCondition.class,
            names = {"COLD"},
            mode = EnumSource.Mode.EXCLUDE)
    void anUnfairReadingGetsNoVerdictButAReason(FairCondition unmet) {
        TensionVerdict verdict = verdict(EIGHTEEN_INCH, without(new TensionReading.PullDown(6), unmet));
        assertThat(verdict.outcome()).isEqualTo(TensionOutcome.NO_VERDICT);
        assertThat(verdict.reasons()).containsExactly(TensionReason.UNFAIR);
        assertThat(verdict.unmet()).containsExactly(unmet);
        assertThat(verdict.next().kind()).isEqualTo(NextMove.Kind.READ_FAIRLY);
        assertThat(verdict.passes()).isFalse();
    }

    @Test
    void aHotReadingIsProvisional() {
        TensionVerdict verdict = verdict(EIGHTEEN_INCH, without(new TensionReading.PullDown(6), FairCondition.COLD));
        assertThat(verdict.outcome()).isEqualTo(TensionOutcome.RIGHT);
        assertThat(verdict.provisional()).isTrue();
        assertThat(verdict.passes()).isFalse();
        assertThat(verdict.next().kind()).isEqualTo(NextMove.Kind.READ_COLD);
    }

    /** A hot chain hangs looser than a cold one: what sags is read cold, what is tight is eased before it shrinks. */
    @ParameterizedTest
    @CsvSource({
        "9,  LOOSE,      READ_COLD",
        "12, THROW_RISK, READ_COLD",
        "1,  TOO_TIGHT,  SLACKEN_BEFORE_COOLING",
    })
    void whatAHotChainIsToldToDo(double mm, TensionOutcome outcome, NextMove.Kind next) {
        TensionVerdict verdict = verdict(EIGHTEEN_INCH, without(new TensionReading.PullDown(mm), FairCondition.COLD));
        assertThat(verdict.outcome()).isEqualTo(outcome);
        assertThat(verdict.provisional()).isTrue();
        assertThat(verdict.next().kind()).isEqualTo(next);
        assertThat(verdict.next().turn() != null).isEqualTo(next == NextMove.Kind.SLACKEN_BEFORE_COOLING);
    }

    /** No rule reads a chain that does not move: it is eased by a step that a hand makes. */
    @Test
    void aChainStuckTightIsEasedWithoutARule() {
        NextMove next = ((TensionVerdict) TensionJudge.judge(
                        EIGHTEEN_INCH,
                        new TensionEntry(
                                new TensionReading.TipsByEye(TipsPosition.INSIDE),
                                EnumSet.allOf(FairCondition.class),
                                Movement.WILL_NOT_MOVE,
                                false,
                                false,
                                0),
                        Readings.STANDARD))
                .next();
        assertThat(next.kind()).isEqualTo(NextMove.Kind.TURN_OUT);
        assertThat(next.turn()).isEqualTo(new HandTurn(0, 1, 4));
        assertThat(next.exactTurns()).isEqualTo(-0.25);
    }

    @Test
    void aChainTightenedHotIsSlackenedBeforeItCools() {
        TensionEntry entry = new TensionEntry(
                new TensionReading.PullDown(6),
                EnumSet.complementOf(EnumSet.of(FairCondition.COLD)),
                Movement.ONE_FINGER,
                false,
                false,
                0.25);
        TensionVerdict verdict = verdict(EIGHTEEN_INCH, entry);
        assertThat(verdict.reasons()).contains(TensionReason.READ_HOT, TensionReason.TIGHTENED_HOT);
        assertThat(verdict.next().kind()).isEqualTo(NextMove.Kind.SLACKEN_BEFORE_COOLING);
        assertThat(verdict.next().turn()).isEqualTo(new HandTurn(0, 1, 4));
    }

    @Test
    void hotAndThrowRiskStillHolds() {
        TensionVerdict verdict = verdict(EIGHTEEN_INCH, without(new TensionReading.PullDown(20), FairCondition.COLD));
        assertThat(verdict.outcome()).isEqualTo(TensionOutcome.THROW_RISK);
    }

    @Test
    void tipsClearWithoutPullAreAThrowRiskHoweverTheReadingWasTaken() {
        for (TensionMethod method : TensionMethod.values()) {
            TensionEntry entry = new TensionEntry(reading(method, 1), Set.of(), Movement.ONE_FINGER, true, false, 0);
            assertThat(verdict(EIGHTEEN_INCH, entry).outcome()).isEqualTo(TensionOutcome.THROW_RISK);
        }
    }

    @Test
    void aChainThatWillNotMoveIsStuckOrJammed() {
        TensionVerdict jammed = verdict(EIGHTEEN_INCH, moving(new TensionReading.PullDown(6), Movement.WILL_NOT_MOVE));
        assertThat(jammed.outcome()).isEqualTo(TensionOutcome.JAMMED);
        assertThat(jammed.next().kind()).isEqualTo(NextMove.Kind.FIND_WHAT_HOLDS);
        TensionVerdict stuck = verdict(EIGHTEEN_INCH, moving(new TensionReading.PullDown(2), Movement.WILL_NOT_MOVE));
        assertThat(stuck.outcome()).isEqualTo(TensionOutcome.STUCK_TIGHT);
        assertThat(stuck.next().kind()).isEqualTo(NextMove.Kind.TURN_OUT);
    }

    /** A dry chain reads falsely tight: loose already is held, all else tells nothing (handbook section 3). */
    @ParameterizedTest
    @CsvSource({"3, NO_VERDICT", "6, NO_VERDICT", "9, THROW_RISK", "36, THROW_RISK"})
    void aDryChain(double mm, TensionOutcome outcome) {
        TensionEntry dry = new TensionEntry(
                new TensionReading.PullDown(mm),
                EnumSet.complementOf(EnumSet.of(FairCondition.OILED)),
                Movement.ONE_FINGER,
                false,
                false,
                0);
        TensionVerdict verdict = verdict(EIGHTEEN_INCH, dry);
        assertThat(verdict.outcome()).isEqualTo(outcome);
        assertThat(verdict.next().kind()).isEqualTo(NextMove.Kind.READ_FAIRLY);
    }

    @Test
    void withTheBrakeOnAChainThatWillNotMoveSaysNothing() {
        TensionEntry entry = new TensionEntry(
                new TensionReading.PullDown(6),
                EnumSet.complementOf(EnumSet.of(FairCondition.BRAKE_OFF)),
                Movement.WILL_NOT_MOVE,
                false,
                false,
                0);
        assertThat(verdict(EIGHTEEN_INCH, entry).outcome()).isEqualTo(TensionOutcome.NO_VERDICT);
    }

    @Test
    void aTightSpotIsLookedForBeforeTheAdjusterIsTouched() {
        TensionEntry entry = new TensionEntry(
                new TensionReading.PullDown(6), EnumSet.allOf(FairCondition.class), Movement.BY_HAND, false, true, 0);
        TensionVerdict verdict = verdict(EIGHTEEN_INCH, entry);
        assertThat(verdict.outcome()).isEqualTo(TensionOutcome.TIGHT_SPOT);
        assertThat(verdict.next().kind()).isEqualTo(NextMove.Kind.FIND_TIGHT_SPOT);
    }

    @Test
    void aLiftThatDoesNotSpringBackIsLooseOrContradictsItself() {
        assertThat(verdict(EIGHTEEN_INCH, new TensionReading.Lift(6, false)).outcome())
                .isEqualTo(TensionOutcome.LOOSE);
        TensionVerdict odd = verdict(EIGHTEEN_INCH, new TensionReading.Lift(1, false));
        assertThat(odd.outcome()).isEqualTo(TensionOutcome.NO_VERDICT);
        assertThat(odd.reasons()).contains(TensionReason.CONTRADICTORY);
    }

    @Test
    void railTouchThatMovesOnlyByTheHandIsFirm() {
        TensionVerdict verdict = verdict(EIGHTEEN_INCH, moving(new TensionReading.RailGap(0), Movement.BY_HAND));
        assertThat(verdict.outcome()).isEqualTo(TensionOutcome.FIRM);
        assertThat(verdict.next().kind()).isEqualTo(NextMove.Kind.TURN_OUT);
        assertThat(verdict.next().turn()).isEqualTo(new HandTurn(0, 1, 12));
    }

    @ParameterizedTest
    @CsvSource({
        "TANG_LINE, -1,  NEGATIVE",
        "TANG_LINE, 900, MORE_THAN_BAR_ALLOWS",
        "RAIL_TOUCH, 58, MORE_THAN_BAR_ALLOWS",
        "COIN_GAP, NaN,  NOT_A_NUMBER",
        "LIFT_AND_SNAP, Infinity, NOT_A_NUMBER",
        "TWELFTH_PAST_TOUCH, 121, MORE_THAN_ADJUSTER_ALLOWS",
    })
    void refusesWhatCannotBe(TensionMethod method, double figure, ReadingRefusal.Why why) {
        TensionJudgement judgement = TensionJudge.judge(EIGHTEEN_INCH, fair(reading(method, figure)), STANDARD);
        assertThat(judgement)
                .isInstanceOfSatisfying(
                        ReadingRefusal.class,
                        refusal -> assertThat(refusal.why()).isEqualTo(why));
    }

    @ParameterizedTest
    @EnumSource(TensionMethod.class)
    void aLooserChainNeverGetsATighterVerdict(TensionMethod method) {
        boolean angle = method == TensionMethod.TWELFTH_PAST_TOUCH;
        for (double inches : new double[] {13, 16, 20, 28}) {
            for (Work work : Work.values()) {
                for (Movement movement : new Movement[] {Movement.ONE_FINGER, Movement.BY_HAND}) {
                    TensionOutcome before = TensionOutcome.TOO_TIGHT;
                    for (int step = 0; step <= 400; step++) {
                        double figure = angle ? 120 - step * 0.3 : step * 0.1;
                        TensionOutcome now = verdict(saw(inches, 6, work), moving(reading(method, figure), movement))
                                .outcome();
                        assertThat(now.tellsSlack()).isTrue();
                        assertThat(now).isGreaterThanOrEqualTo(before);
                        before = now;
                    }
                    assertThat(before).isGreaterThanOrEqualTo(TensionOutcome.LOOSE);
                }
            }
        }
    }

    /** The saw answers as the geometry says: moving the bar by x takes 2x out of the loop. */
    @ParameterizedTest
    @EnumSource(TensionMethod.class)
    void adviceFollowedExactlyLandsOnTheAim(TensionMethod method) {
        for (double inches : new double[] {13, 18, 28}) {
            for (double lead : new double[] {0.5, 0.8, 1.25}) {
                TensionSubject subject = new TensionSubject(inches * 25.4, 5.5, Work.FELLING, lead);
                for (double figure : figures(method)) {
                    TensionVerdict verdict = verdict(subject, reading(method, figure));
                    if (verdict.next().exactTurns() == null) {
                        assertThat(verdict.outcome()).isEqualTo(TensionOutcome.RIGHT);
                        continue;
                    }
                    double after = turned(method, figure, verdict.next().exactTurns(), subject);
                    assertThat(after).isCloseTo(verdict.next().aim(), within(1e-6));
                    assertThat(verdict(subject, reading(method, after)).outcome())
                            .isEqualTo(TensionOutcome.RIGHT);
                }
            }
        }
    }

    private static double[] figures(TensionMethod method) {
        return method == TensionMethod.TWELFTH_PAST_TOUCH
                ? new double[] {0, 10, 50, 70}
                : new double[] {0.9, 3, 5, 9, 12};
    }

    private static double turned(TensionMethod method, double figure, double turns, TensionSubject subject) {
        double takenUp = 2 * turns * subject.adjusterLeadMm();
        double length = subject.barLengthMm();
        return switch (method) {
            case TANG_LINE, LIFT_AND_SNAP, COIN_GAP ->
                SlackGeometry.pullOfSlack(SlackGeometry.slackOfPull(figure, length) - takenUp, length);
            case RAIL_TOUCH -> {
                double slack = SlackGeometry.slackOfSag(figure, length) - takenUp;
                yield Math.abs(slack) < 1e-12 ? 0 : Math.sqrt(slack * 3 * length / 8);
            }
            case TWELFTH_PAST_TOUCH -> figure + turns * 360;
        };
    }
}
