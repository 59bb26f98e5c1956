package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.fitness.Served.ALL;
import static yellowtally.core.fitness.Served.entry;
import static yellowtally.core.schedule.Uses.at;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.core.holds.Hold;
import yellowtally.core.log.StepEntry;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.ReleaseWaits.ReleaseMatter;
import yellowtally.core.waiting.StepHolds.StepHoldMatter;
import yellowtally.core.waiting.Waiting;

/** Every way in which a saw can be held, and that nothing but its own proof lifts it (handbook section 11). */
class HoldKindsTest {

    private static Hold hold(Step step, boolean byPerson) {
        return byPerson
                ? Hold.byPerson("hold", at(2, 12), step, ALL)
                : Hold.failed("hold", at(2, 12), step, Set.of(), ALL);
    }

    @ParameterizedTest
    @CsvSource({
        "OUTSIDE_LOOK, true,  PERSON_HOLDS",
        "TENSION,      true,  PERSON_HOLDS",
        "TENSION,      false, STEP_FAILED",
        "BRAKE_BAND,   false, STEP_FAILED",
        "CONTROLS,     false, STEP_FAILED",
    })
    void aHoldSaysWhatItIs(Step step, boolean byPerson, String what) {
        SawAccount account = Served.onDayOne().holds(hold(step, byPerson)).assess(5);
        assertThat(account.state()).isEqualTo(FitState.HELD);
        assertThat(account.work().get(0).what().name()).isEqualTo(what);
        assertThat(account.work().get(0).step()).isEqualTo(step);
    }

    /** A hold without a proof stays, whatever else was done well since. */
    @ParameterizedTest
    @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "BRAKE_BAND")
    void noOtherStepProvesIt(Step other) {
        SawAccount account = Served.onDayOne(entry(4, other, StepOutcome.FINE))
                .holds(hold(Step.BRAKE_BAND, false))
                .assess(5);
        assertThat(account.work()).extracting(Waiting::what).contains(StepHoldMatter.STEP_FAILED);
        assertThat(account.work()).extracting(Waiting::what).doesNotContain(ReleaseMatter.RELEASE_WAITS);
    }

    @Test
    void onceProvedItStillWaitsForTheOfficer() {
        SawAccount account = Served.onDayOne(entry(4, Step.BRAKE_BAND, StepOutcome.FINE))
                .holds(hold(Step.BRAKE_BAND, true))
                .assess(5);
        assertThat(account.state()).isEqualTo(FitState.HELD);
        assertThat(account.work().get(0).what()).isEqualTo(ReleaseMatter.RELEASE_WAITS);
    }

    @Test
    void oneReasonClearedOfTwoReleasesNothing() {
        Hold band = Hold.failed("band", at(2, 12), Step.BRAKE_BAND, Set.of(Finding.DRUM_GREASY), ALL);
        Hold lever = Hold.failed("lever", at(2, 12), Step.BRAKE_LEVER, Set.of(Finding.LEVER_DOES_NOT_SNAP), ALL);
        SawAccount account = Served.onDayOne(entry(4, Step.BRAKE_BAND, StepOutcome.FINE))
                .holds(band, lever)
                .assess(5);
        assertThat(account.state()).isEqualTo(FitState.HELD);
        assertThat(account.work()).extracting(Waiting::finding).contains(Finding.LEVER_DOES_NOT_SNAP);
        assertThat(account.work()).extracting(Waiting::finding).doesNotContain(Finding.DRUM_GREASY);
    }

    /** What an officer may do follows every reason at once; a saw that nothing holds has nothing to release. */
    @Test
    void aReleaseWaitsForTheLastReason() {
        Hold band = hold(Step.BRAKE_BAND, false);
        Hold person = hold(Step.CONTROLS, true);
        StepEntry bandSound = entry(4, Step.BRAKE_BAND, StepOutcome.FINE);
        StepEntry controlsSound = entry(4, Step.CONTROLS, StepOutcome.FINE);
        assertThat(Served.onDayOne(bandSound).assess(5).holds().mayRelease()).isFalse();
        assertThat(Served.onDayOne().holds(band).assess(5).holds().mayRelease()).isFalse();
        assertThat(Served.onDayOne(bandSound).holds(band).assess(5).holds().mayRelease())
                .isTrue();
        assertThat(Served.onDayOne(bandSound)
                        .holds(band, person)
                        .assess(5)
                        .holds()
                        .mayRelease())
                .isFalse();
        assertThat(Served.onDayOne(controlsSound)
                        .holds(band, person)
                        .assess(5)
                        .holds()
                        .mayRelease())
                .isFalse();
        assertThat(Served.onDayOne(bandSound, controlsSound)
                        .holds(band, person)
                        .assess(5)
                        .holds()
                        .mayRelease())
                .isTrue();
    }
}
