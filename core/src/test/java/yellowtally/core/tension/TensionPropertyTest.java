package yellowtally.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.tension.Readings.STANDARD;
import static yellowtally.core.tension.Readings.fair;
import static yellowtally.core.tension.Readings.reading;
import static yellowtally.core.tension.Readings.saw;

import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;

/** What holds of every reading, on any bar (handbook section 3). */
class TensionPropertyTest {

    private static TensionOutcome outcome(TensionSubject subject, TensionMethod method, double figure) {
        TensionJudgement judgement = TensionJudge.judge(subject, fair(reading(method, figure)), STANDARD);
        Assume.that(judgement instanceof TensionVerdict);
        return ((TensionVerdict) judgement).outcome();
    }

    /** A looser chain never gets a tighter verdict; turning on past touch tightens. */
    @Property(tries = 1000)
    void aLooserChainNeverGetsATighterVerdict(
            @ForAll TensionMethod method,
            @ForAll Work work,
            @ForAll @DoubleRange(min = 10, max = 42) double inches,
            @ForAll @DoubleRange(min = 4, max = 7) double tang,
            @ForAll @DoubleRange(max = 40) double one,
            @ForAll @DoubleRange(max = 40) double other) {
        TensionSubject subject = saw(inches, tang, work);
        boolean angle = method == TensionMethod.TWELFTH_PAST_TOUCH;
        double tight = angle ? 3 * Math.max(one, other) : Math.min(one, other);
        double loose = angle ? 3 * Math.min(one, other) : Math.max(one, other);
        assertThat(outcome(subject, method, loose)).isGreaterThanOrEqualTo(outcome(subject, method, tight));
    }

    /** The target grows with the bar up to the tang depth and 2 mm, and limbing stays tighter than bucking. */
    @Property(tries = 1000)
    void theTargetGrowsWithTheBarAndKeepsItsCap(
            @ForAll @DoubleRange(min = 10, max = 42) double inches,
            @ForAll @DoubleRange(max = 6) double longer,
            @ForAll @DoubleRange(min = 4, max = 7) double tang) {
        double target = TensionTarget.pullDownMm(saw(inches, tang, Work.FELLING), STANDARD);
        assertThat(TensionTarget.pullDownMm(saw(inches + longer, tang, Work.FELLING), STANDARD))
                .isGreaterThanOrEqualTo(target);
        assertThat(target).isLessThanOrEqualTo(tang + 2 + 1e-9);
        assertThat(TensionTarget.pullDownMm(saw(inches, tang, Work.LIMBING), STANDARD))
                .isLessThanOrEqualTo(target);
        assertThat(TensionTarget.pullDownMm(saw(inches, tang, Work.BUCKING), STANDARD))
                .isGreaterThanOrEqualTo(target);
    }

    /** On the target itself every pulled reading is right. */
    @Property(tries = 500)
    void theTargetIsRight(
            @ForAll Work work,
            @ForAll @DoubleRange(min = 10, max = 36) double inches,
            @ForAll @DoubleRange(min = 4, max = 7) double tang) {
        TensionSubject subject = saw(inches, tang, work);
        double target = TensionTarget.pullDownMm(subject, STANDARD);
        assertThat(outcome(subject, TensionMethod.TANG_LINE, target)).isEqualTo(TensionOutcome.RIGHT);
        assertThat(outcome(subject, TensionMethod.LIFT_AND_SNAP, target)).isEqualTo(TensionOutcome.RIGHT);
    }

    /** A hand's turn stands for the turns that were asked, to a sixteenth. */
    @Property(tries = 500)
    void aHandsTurnIsNearWhatWasReckoned(@ForAll @DoubleRange(max = 4) double turns) {
        assertThat(HandTurn.nearest(turns).turns()).isCloseTo(turns, within(0.13));
    }
}
