package yellowtally.core.waiting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.core.holds.Rest;
import yellowtally.core.schedule.Task;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.waiting.FaultRests.FaultRestMatter;
import yellowtally.core.waiting.FaultWaits.FaultMatter;
import yellowtally.core.waiting.GrowthWaits.GrowthMatter;
import yellowtally.core.waiting.OilWaits.OilMatter;
import yellowtally.core.waiting.RecheckWaits.RecheckMatter;
import yellowtally.core.waiting.StepHolds.StepHoldMatter;
import yellowtally.core.waiting.TaskWaits.TaskMatter;
import yellowtally.core.waiting.TensionWaits.TensionMatter;

/** What each kind of waiting work makes of its saw, kind by kind (handbook section 11). */
class WaitingTest {

    private static TaskWaits task(TaskMatter what, double fraction) {
        FitState state = what == TaskMatter.TASK_SOON ? FitState.FIT : FitState.DUE;
        return new TaskWaits(what, state, Task.SHARPEN, fraction, Set.of(), null, List.of());
    }

    /** One of every kind. */
    private static Stream<Waiting> all() {
        return Stream.of(
                        Stream.of(TensionMatter.values()).map(TensionWaits::of),
                        Stream.of(RecheckMatter.values()).map(what -> RecheckWaits.of(what, 1)),
                        Stream.of(GrowthMatter.values()).map(what -> GrowthWaits.of(what, 1)),
                        Stream.of(OilMatter.values()).map(what -> OilWaits.of(what, 0.3)),
                        Stream.of(FaultMatter.values()).map(what -> FaultWaits.of(what, Step.OIL_CARD, "dry")),
                        Stream.of(FaultRestMatter.values()).map(what -> FaultRests.of(what, "dry")),
                        Stream.of(StepHoldMatter.values()).map(what -> StepHolds.of(what, Step.BRAKE_BAND, List.of())),
                        Stream.of(TaskMatter.values()).map(what -> task(what, 1)),
                        Stream.of(
                                TakeUpWaits.of(0.4),
                                FindingHolds.of(Finding.BAND_THIN, List.of()),
                                SetBackWaits.of(List.of(Step.REFIT, Step.NUTS)),
                                BackWaits.of(Subject.CHAIN, List.of(Step.CHAIN_LOOK, Step.DEPTH_GAUGES)),
                                RestWaits.of(new Rest(40, List.of(Step.BRAKE_LEVER))),
                                RecordWaits.of(2),
                                FindingWaits.of(Finding.BURR),
                                StepAttends.of(Step.NUTS),
                                ReleaseWaits.now()))
                .<Waiting>flatMap(kind -> kind);
    }

    private static Waiting of(String what) {
        return all().filter(waits -> waits.what().name().equals(what))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                // what                    | the saw is | by which step | today | begins the visit
                "NO_SET_FITTED             | HELD | REPLACE_CHAIN | true  | true",
                "THROW_RISK                | HELD | TENSION       | true  | true",
                "JAMMED                    | HELD | TENSION       | true  | true",
                "STUCK_TIGHT               | HELD | TENSION       | true  | true",
                "NOT_SET_BACK              | HELD | REFIT         | true  | false",
                "PART_BACK                 | HELD | CHAIN_LOOK    | true  | false",
                "RESTED                    | HELD | BRAKE_LEVER   | true  | false",
                "TOO_TIGHT                 | DUE  | TENSION       | true  | false",
                "LOOSE                     | DUE  | TENSION       | true  | false",
                "TIGHT_SPOT                | DUE  | TENSION       | true  | false",
                "READING_NOT_FAIR          | DUE  | TENSION       | true  | false",
                "READ_HOT                  | DUE  | TENSION       | true  | false",
                "FIRST_CUTS_WAIT           | FIT  | TENSION       | false | false",
                "RECHECK_ONE_MINUTE        | DUE  | TENSION       | true  | false",
                "RECHECK_LIGHT_CUTTING     | DUE  | TENSION       | true  | false",
                "RECHECK_FIRST_TANK        | DUE  | TENSION       | true  | false",
                "RECHECK_AFTER_FIRST_TANK_WAITS | FIT | TENSION   | false | false",
                "GROWN_TO_LIMIT            | DUE  | REPLACE_CHAIN | true  | false",
                "TRAVEL_NEARLY_USED        | DUE  | REPLACE_CHAIN | true  | false",
                "GROWN_TO_WATCH            | FIT  | TENSION       | false | false",
                "TAKES_UP_FAST             | FIT  | TENSION       | false | false",
                "FINDING_HOLDS             | HELD | BRAKE_BAND    | true  | true",
                "STEP_FAILED               | HELD | BRAKE_BAND    | true  | true",
                "PERSON_HOLDS              | HELD | BRAKE_BAND    | true  | true",
                "COMPLAINT_HOLDS           | HELD | BRAKE_BAND    | true  | true",
                "LOOK_ANEW                 | HELD | BRAKE_BAND    | true  | true",
                "RELEASE_WAITS             | HELD | -             | false | false",
                "OIL_STILL_FULL            | HELD | OIL_CARD      | true  | false",
                "NOT_OILING                | HELD | OIL_CARD      | true  | false",
                "OIL_USE_LOW               | DUE  | OIL_CARD      | true  | false",
                "OIL_USE_HIGH              | DUE  | OIL_CARD      | true  | false",
                "FAULT_SORT                | DUE  | OIL_CARD      | true  | false",
                "FAULT_FIND                | DUE  | OIL_CARD      | true  | false",
                "FAULT_REPAIR              | DUE  | OIL_CARD      | true  | false",
                "FAULT_PROOF               | DUE  | OIL_CARD      | true  | false",
                "FAULT_MECHANIC            | DUE  | OIL_CARD      | false | false",
                "FAULT_CLOSES              | DUE  | -             | false | false",
                "FAULT_STANDS              | DUE  | -             | false | false",
                "FINDING_WAITS             | DUE  | DRESS_RAILS   | true  | false",
                "STEP_ATTENDS              | DUE  | NUTS          | true  | false",
                "TASK_DUE                  | DUE  | -             | true  | false",
                "TASK_SOON                 | FIT  | -             | false | false",
            })
    void eachKindSaysWhatItMakesOfTheSaw(String what, FitState state, Step step, boolean today, boolean failed) {
        Waiting waits = of(what);
        assertThat(waits.state()).isEqualTo(state);
        assertThat(waits.step()).isEqualTo(step);
        assertThat(waits.forToday()).isEqualTo(today);
        assertThat(waits.failed()).isEqualTo(failed);
    }

    /** What names needs is proved by these in their order; what does not, by its own step; a release by none. */
    @ParameterizedTest
    @CsvSource({
        "NOT_SET_BACK, REFIT NUTS",
        "PART_BACK, CHAIN_LOOK DEPTH_GAUGES",
        "THROW_RISK, TENSION",
        "NOT_OILING, OIL_CARD",
        "RELEASE_WAITS, ''"
    })
    void whatProvesIt(String what, String steps) {
        assertThat(of(what).provedBy().stream().map(Step::name).collect(Collectors.joining(" ")))
                .isEqualTo(steps);
    }

    /** Of a finding its thing is looked at, with no repair; of all else what proves it is done anew. */
    @ParameterizedTest
    @CsvSource({"NOT_SET_BACK, REFIT NUTS", "FINDING_HOLDS, BRAKE_BAND", "RESTED, BRAKE_LEVER", "NOT_OILING, OIL_CARD"})
    void whatLooksAtItAnew(String what, String steps) {
        assertThat(of(what).lookedAtBy().stream().map(Step::name).collect(Collectors.joining(" ")))
                .isEqualTo(steps);
    }

    /** A watch leaves the saw fit, and the next visit looks at it again. */
    @Test
    void aWatchIsLookedAtAgain() {
        FindingWaits watch = FindingWaits.of(Finding.GROOVE_WATCH);
        assertThat(watch.state()).isEqualTo(FitState.FIT);
        assertThat(watch.step()).isEqualTo(Step.GROOVE);
        assertThat(watch.forToday()).isTrue();
    }

    /** But for a watch, a fit saw has nothing to do today; what holds a saw is for today or for the officer. */
    @Test
    void whatIsForTodayMakesASawDueOrHeld() {
        assertThat(all().filter(waits -> waits.state() == FitState.FIT)).noneMatch(Waiting::forToday);
        assertThat(all().filter(waits -> waits.state() == FitState.HELD && !waits.forToday()))
                .extracting(Waiting::getClass)
                .containsOnly(ReleaseWaits.class);
        assertThat(all().filter(Waiting::failed)).extracting(Waiting::state).containsOnly(FitState.HELD);
    }

    @Test
    void theExtentIsItsFigure() {
        assertThat(RecheckWaits.of(RecheckMatter.RECHECK_LIGHT_CUTTING, 1).extent())
                .isEqualTo(1);
        assertThat(TakeUpWaits.of(0.4).extent()).isEqualTo(0.4);
        assertThat(task(TaskMatter.TASK_DUE, 1.3).extent()).isEqualTo(1.3);
        assertThat(OilWaits.of(OilMatter.OIL_USE_LOW, 0.5).extent()).isEqualTo(0.5);
        assertThat(StepAttends.of(Step.NUTS).extent()).isZero();
    }

    @ParameterizedTest
    @EnumSource
    void onlyAReadingThatWaitsForFirstCutsIsAPass(TensionMatter what) {
        assertThat(TensionWaits.of(what).failsReading()).isEqualTo(what != TensionMatter.FIRST_CUTS_WAIT);
    }

    @ParameterizedTest
    @EnumSource
    void aRecheckIsNamedByItsOccasionAndBack(RecheckMatter what) {
        what.occasion()
                .ifPresent(occasion -> assertThat(RecheckMatter.of(occasion)).isEqualTo(what));
        assertThat(what.occasion().isEmpty()).isEqualTo(what == RecheckMatter.RECHECK_AFTER_FIRST_TANK_WAITS);
    }

    @Test
    void anotherOccasionIsNoRecheck() {
        for (CheckOccasion occasion : List.of(CheckOccasion.ROUTINE, CheckOccasion.SET_WAS_APART)) {
            assertThatThrownBy(() -> RecheckMatter.of(occasion)).isInstanceOf(IllegalArgumentException.class);
        }
    }
}
