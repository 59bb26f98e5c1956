package yellowtally.core.tension;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import yellowtally.core.settings.Numbers;

/** Judges one tension reading (handbook section 3): limits, fairness, the method's own verdict, overrides, next move. */
public final class TensionJudge {

    /** How far a chain that will not move is slackened at a time, turns (general practice). */
    private static final double FREEING_TURN = 0.25;

    private TensionJudge() {}

    /**
     * Judges a reading.
     *
     * @return a {@link ReadingRefusal} when the figure cannot be true, else a verdict. A looser figure never gets a tighter
     *     outcome from the same method.
     */
    public static TensionJudgement judge(TensionSubject subject, TensionEntry entry, Numbers settings) {
        Optional<ReadingRefusal> refusal = ReadingLimits.refusal(entry.reading(), subject, settings);
        return refusal.isPresent() ? refusal.get() : verdict(subject, entry, settings);
    }

    private static TensionVerdict verdict(TensionSubject subject, TensionEntry entry, Numbers settings) {
        Set<FairCondition> unmet = EnumSet.allOf(FairCondition.class);
        unmet.removeAll(entry.met());
        boolean hot = unmet.contains(FairCondition.COLD);
        boolean unfair = unmet.size() > (hot ? 1 : 0);
        boolean onlyDry = unfair && unmet.contains(FairCondition.OILED) && unmet.size() == (hot ? 2 : 1);

        List<TensionReason> reasons = new ArrayList<>();
        TensionOutcome outcome = outcome(subject, entry, settings, unmet, unfair, reasons);
        if (onlyDry && outcome == TensionOutcome.NO_VERDICT) {
            outcome = ofDry(subject, entry, settings, reasons);
        }
        if (unfair) {
            reasons.add(TensionReason.UNFAIR);
        }
        boolean provisional = hot && outcome != TensionOutcome.NO_VERDICT;
        if (provisional) {
            reasons.add(TensionReason.READ_HOT);
            if (entry.turnsBefore() > 0) {
                reasons.add(TensionReason.TIGHTENED_HOT);
            }
        }
        TensionFigures figures = figures(subject, entry.reading(), settings);
        NextMove next = next(subject, entry, settings, outcome, provisional, figures);
        if (reasons.contains(TensionReason.LOOSE_EVEN_DRY)) {
            next = NextMove.only(NextMove.Kind.READ_FAIRLY, next.aim());
        }
        return new TensionVerdict(outcome, provisional, reasons, unmet, figures, next);
    }

    private static TensionOutcome outcome(
            TensionSubject subject,
            TensionEntry entry,
            Numbers settings,
            Set<FairCondition> unmet,
            boolean unfair,
            List<TensionReason> reasons) {
        // A chain that hangs out of its groove by itself is dangerous however unfair the reading was.
        if (entry.tipsClearWithoutPull() || (sagsClear(entry.reading(), subject) && !unfair)) {
            reasons.add(TensionReason.TIPS_CLEAR_WITHOUT_PULL);
            return TensionOutcome.THROW_RISK;
        }
        boolean throwsOff = !unfair && throwsByRatio(entry.reading(), subject, settings);
        // Nor does it matter for a chain that does not move at all.
        if (!throwsOff && entry.movement() == Movement.WILL_NOT_MOVE && !unmet.contains(FairCondition.BRAKE_OFF)) {
            reasons.add(TensionReason.WILL_NOT_MOVE);
            return slack(subject, entry.reading(), settings) ? TensionOutcome.JAMMED : TensionOutcome.STUCK_TIGHT;
        }
        if (unfair) {
            return TensionOutcome.NO_VERDICT;
        }
        if (throwsOff) {
            reasons.add(TensionReason.THROW_RATIO);
            return TensionOutcome.THROW_RISK;
        }
        if (entry.tightSpot()) {
            reasons.add(TensionReason.TIGHT_SPOT);
            return TensionOutcome.TIGHT_SPOT;
        }
        return byMethod(subject, entry, settings, reasons);
    }

    /**
     * A dry chain reads falsely tight: what is loose already counts as at least that, and nothing else is said (handbook
     * section 3).
     */
    private static TensionOutcome ofDry(
            TensionSubject subject, TensionEntry entry, Numbers settings, List<TensionReason> reasons) {
        TensionOutcome asIfOiled =
                outcome(subject, entry, settings, EnumSet.noneOf(FairCondition.class), false, new ArrayList<>());
        if (asIfOiled != TensionOutcome.LOOSE && asIfOiled != TensionOutcome.THROW_RISK) {
            return TensionOutcome.NO_VERDICT;
        }
        reasons.add(TensionReason.LOOSE_EVEN_DRY);
        return TensionOutcome.THROW_RISK;
    }

    /** By the figure where there is one, else by the eye. */
    private static boolean slack(TensionSubject subject, TensionReading reading, Numbers settings) {
        if (reading instanceof TensionReading.TipsByEye eye) {
            return eye.tips() != TipsPosition.INSIDE;
        }
        return ratio(place(reading, subject, settings), subject, settings) >= settings.of(TensionSetting.RATIO_FIRM);
    }

    private static TensionOutcome byMethod(
            TensionSubject subject, TensionEntry entry, Numbers settings, List<TensionReason> reasons) {
        TensionReading reading = entry.reading();
        if (reading instanceof TensionReading.TipsByEye eye) {
            reasons.add(TensionReason.BY_EYE);
            return switch (eye.tips()) {
                case INSIDE -> TensionOutcome.FIRM;
                case LEVEL -> TensionOutcome.RIGHT;
                case CLEAR -> TensionOutcome.LOOSE;
            };
        }
        double figure = reading.figure().orElseThrow();
        TensionOutcome outcome = switch (reading.method()) {
            case TANG_LINE, LIFT_AND_SNAP -> byRatio(ratio(figure, subject, settings), settings);
            case RAIL_TOUCH ->
                figure <= settings.of(TensionSetting.RAIL_GOOD_TO) ? TensionOutcome.RIGHT : TensionOutcome.LOOSE;
            case COIN_GAP -> byCoin(figure, subject, settings);
            case TWELFTH_PAST_TOUCH -> byAngle(figure, settings);
        };
        reasons.add(reading.method().judgedByRatio() ? TensionReason.RATIO : TensionReason.BAND);
        return refined(entry, outcome, reasons);
    }

    /** What the finger and the ear add to the figure. */
    private static TensionOutcome refined(TensionEntry entry, TensionOutcome outcome, List<TensionReason> reasons) {
        if (entry.reading() instanceof TensionReading.Lift lift && !lift.springsBack()) {
            if (outcome == TensionOutcome.TOO_TIGHT || outcome == TensionOutcome.FIRM) {
                reasons.add(0, TensionReason.CONTRADICTORY);
                return TensionOutcome.NO_VERDICT;
            }
            if (outcome == TensionOutcome.RIGHT) {
                reasons.add(0, TensionReason.NO_SPRING_BACK);
                return TensionOutcome.LOOSE;
            }
        }
        boolean asked = entry.reading().method().asksMovement();
        if (asked && entry.movement() != Movement.ONE_FINGER && outcome == TensionOutcome.RIGHT) {
            reasons.add(0, TensionReason.NOT_BY_ONE_FINGER);
            return TensionOutcome.FIRM;
        }
        return outcome;
    }

    private static TensionOutcome byRatio(double ratio, Numbers settings) {
        if (ratio < settings.of(TensionSetting.RATIO_TOO_TIGHT)) {
            return TensionOutcome.TOO_TIGHT;
        }
        if (ratio < settings.of(TensionSetting.RATIO_FIRM)) {
            return TensionOutcome.FIRM;
        }
        return ratio <= settings.of(TensionSetting.RATIO_RIGHT) ? TensionOutcome.RIGHT : TensionOutcome.LOOSE;
    }

    private static TensionOutcome byCoin(double mm, TensionSubject subject, Numbers settings) {
        if (mm < CommonScale.coinMm(TensionSetting.COIN_TOO_TIGHT, subject, settings)) {
            return TensionOutcome.TOO_TIGHT;
        }
        if (mm < CommonScale.coinMm(TensionSetting.COIN_GOOD_FROM, subject, settings)) {
            return TensionOutcome.FIRM;
        }
        return mm <= CommonScale.coinMm(TensionSetting.COIN_GOOD_TO, subject, settings)
                ? TensionOutcome.RIGHT
                : TensionOutcome.LOOSE;
    }

    private static TensionOutcome byAngle(double degrees, Numbers settings) {
        if (degrees > settings.of(TensionSetting.TWELFTH_TOO_TIGHT)) {
            return TensionOutcome.TOO_TIGHT;
        }
        if (degrees > settings.of(TensionSetting.TWELFTH_GOOD_TO)) {
            return TensionOutcome.FIRM;
        }
        return degrees >= settings.of(TensionSetting.TWELFTH_GOOD_FROM) ? TensionOutcome.RIGHT : TensionOutcome.LOOSE;
    }

    private static double ratio(double placeMm, TensionSubject subject, Numbers settings) {
        return SlackGeometry.slackOfPull(placeMm, subject.barLengthMm()) / TensionTarget.slackMm(subject, settings);
    }

    private static boolean throwsByRatio(TensionReading reading, TensionSubject subject, Numbers settings) {
        return reading.figure().isPresent()
                && ratio(place(reading, subject, settings), subject, settings)
                        > settings.of(TensionSetting.RATIO_THROW);
    }

    private static boolean sagsClear(TensionReading reading, TensionSubject subject) {
        return reading instanceof TensionReading.RailGap gap && gap.mm() >= subject.tangDepthMm();
    }

    private static double place(TensionReading reading, TensionSubject subject, Numbers settings) {
        return CommonScale.placeMm(reading.method(), reading.figure().orElseThrow(), subject, settings);
    }

    private static TensionFigures figures(TensionSubject subject, TensionReading reading, Numbers settings) {
        double target = TensionTarget.pullDownMm(subject, settings);
        double aimSlack = SlackGeometry.slackOfPull(
                CommonScale.aimPlaceMm(reading.method(), subject, settings), subject.barLengthMm());
        if (reading.figure().isEmpty()) {
            return new TensionFigures(target, null, null, aimSlack, null);
        }
        double place = place(reading, subject, settings);
        double slack = SlackGeometry.slackOfPull(place, subject.barLengthMm());
        return new TensionFigures(target, place, slack, aimSlack, ratio(place, subject, settings));
    }

    private static NextMove next(
            TensionSubject subject,
            TensionEntry entry,
            Numbers settings,
            TensionOutcome outcome,
            boolean provisional,
            TensionFigures figures) {
        double aim = CommonScale.aimFigure(entry.reading().method(), subject, settings);
        if (provisional && entry.turnsBefore() > 0) {
            return new NextMove(
                    NextMove.Kind.SLACKEN_BEFORE_COOLING,
                    HandTurn.nearest(entry.turnsBefore()),
                    -entry.turnsBefore(),
                    aim);
        }
        if (outcome == TensionOutcome.NO_VERDICT) {
            return NextMove.only(NextMove.Kind.READ_FAIRLY, aim);
        }
        if (provisional && (outcome == TensionOutcome.TOO_TIGHT || outcome == TensionOutcome.STUCK_TIGHT)) {
            // It shrinks as it cools: what is too tight hot is tighter cold.
            NextMove out = turn(subject, entry.reading(), settings, outcome, figures, aim);
            return new NextMove(NextMove.Kind.SLACKEN_BEFORE_COOLING, out.turn(), out.exactTurns(), aim);
        }
        if (provisional) {
            return NextMove.only(NextMove.Kind.READ_COLD, aim);
        }
        return switch (outcome) {
            case TIGHT_SPOT -> NextMove.only(NextMove.Kind.FIND_TIGHT_SPOT, aim);
            case JAMMED -> NextMove.only(NextMove.Kind.FIND_WHAT_HOLDS, aim);
            case RIGHT -> NextMove.only(NextMove.Kind.NONE, aim);
            case FIRM, LOOSE, TOO_TIGHT, STUCK_TIGHT, THROW_RISK ->
                turn(subject, entry.reading(), settings, outcome, figures, aim);
            case NO_VERDICT -> throw new IllegalStateException("answered above");
        };
    }

    private static NextMove turn(
            TensionSubject subject,
            TensionReading reading,
            Numbers settings,
            TensionOutcome outcome,
            TensionFigures figures,
            double aim) {
        if (outcome == TensionOutcome.STUCK_TIGHT && figures.slackMm() == null) {
            // No rule reads a chain that does not move: a step that a hand makes, then another reading.
            return new NextMove(NextMove.Kind.TURN_OUT, HandTurn.nearest(FREEING_TURN), -FREEING_TURN, aim);
        }
        if (figures.slackMm() == null) {
            return NextMove.only(outcome == TensionOutcome.FIRM ? NextMove.Kind.NONE : NextMove.Kind.MEASURE, aim);
        }
        double turns = AdjusterAdvice.turns(reading, subject, figures.slackMm(), figures.targetSlackMm(), settings);
        boolean in = outcome == TensionOutcome.LOOSE || outcome == TensionOutcome.THROW_RISK;
        // The finger can contradict the figure (moves hard at a good gap, no spring back): then one small step its way.
        if (in ? turns <= 0 : turns >= 0) {
            turns = in ? AdjusterAdvice.SMALLEST_STEP : -AdjusterAdvice.SMALLEST_STEP;
        }
        HandTurn said = HandTurn.nearest(Math.max(Math.abs(turns), AdjusterAdvice.SMALLEST_STEP));
        return new NextMove(in ? NextMove.Kind.TURN_IN : NextMove.Kind.TURN_OUT, said, turns, aim);
    }
}
