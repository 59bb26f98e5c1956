package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.fitness.Served.entry;
import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.outing;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.core.holds.Hold;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.oiling.OilUse;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.waiting.EdgeWaits.EdgeMatter;
import yellowtally.core.waiting.FindingWaits.FindingMatter;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.OilWaits.OilMatter;
import yellowtally.core.waiting.ReleaseWaits.ReleaseMatter;
import yellowtally.core.waiting.StepAttends.AttendMatter;
import yellowtally.core.waiting.TaskWaits.TaskMatter;
import yellowtally.core.waiting.Waiting;

/** What is put together from tension, schedule, oil and findings: what waits, and whether the saw may go out with it. */
class WhatWaitsTest {

    private static Waiting of(SawAccount account, Enum<?> what) {
        return account.work().stream().filter(w -> w.what() == what).findFirst().orElseThrow();
    }

    private static List<Enum<?>> waits(SawAccount account) {
        return account.work().stream().map(Waiting::what).toList();
    }

    /** Attend with a note and no finding waits until its step is fine; a reading has its own words. */
    @ParameterizedTest
    @EnumSource(names = {"NUTS", "CLEAN_COVER", "OIL_CARD", "TENSION"})
    void attendWithANoteOnlyWaits(Step step) {
        SawAccount account = Served.onDayOne(entry(2, step, StepOutcome.ATTEND)).assess(5);
        if (step == Step.TENSION) {
            assertThat(waits(account)).doesNotContain(AttendMatter.STEP_ATTENDS);
        } else {
            assertThat(of(account, AttendMatter.STEP_ATTENDS).state()).isEqualTo(FitState.DUE);
            assertThat(of(account, AttendMatter.STEP_ATTENDS).step()).isEqualTo(step);
        }
        SawAccount fine = Served.onDayOne(entry(2, step, StepOutcome.ATTEND), entry(3, step, StepOutcome.FINE))
                .assess(5);
        assertThat(waits(fine)).doesNotContain(AttendMatter.STEP_ATTENDS);
    }

    /** Six strokes more on one side are 0.36 mm: measure both before the saw cuts a curve, and no even filing hides it. */
    @ParameterizedTest
    @CsvSource({"9, 3, -1, true", "8, 3, -1, false", "9, 3, 3, true"})
    void unevenStrokesAskForBothSides(double left, double right, double evenAfter, boolean waits) {
        List<MeasureEntry> figures = new ArrayList<>(List.of(
                new MeasureEntry(1, "a", Measure.STROKES_LEFT, at(2, 9), left),
                new MeasureEntry(1, "a", Measure.STROKES_RIGHT, at(2, 9), right)));
        if (evenAfter > 0) {
            figures.add(new MeasureEntry(2, "b", Measure.STROKES_LEFT, at(3, 9), evenAfter));
            figures.add(new MeasureEntry(2, "b", Measure.STROKES_RIGHT, at(3, 9), evenAfter));
        }
        SawAccount account =
                Served.onDayOne().figures(figures.toArray(MeasureEntry[]::new)).assess(5);
        assertThat(waits(account).contains(EdgeMatter.MEASURE_BOTH_SIDES)).isEqualTo(waits);
        if (waits) {
            assertThat(of(account, EdgeMatter.MEASURE_BOTH_SIDES).step()).isEqualTo(Step.SHARPEN);
            assertThat(of(account, EdgeMatter.MEASURE_BOTH_SIDES).extent()).isCloseTo(0.36, within(1e-9));
        }
    }

    @Test
    void attendWithAFindingSaysTheFindingAlone() {
        SawAccount account = Served.onDayOne(entry(2, Step.RAILS, StepOutcome.ATTEND, Finding.BURR))
                .assess(5);
        assertThat(waits(account)).contains(FindingMatter.FINDING_WAITS).doesNotContain(AttendMatter.STEP_ATTENDS);
    }

    /** A watch is told and the saw stays fit; what opens a step waits under that step. */
    @ParameterizedTest
    @CsvSource({
        "BURR,              DRESS_RAILS,      DUE",
        "FILTER_WORN,       AIR_FILTER,       DUE",
    })
    void aFindingWaitsUnderTheStepThatAnswersIt(Finding finding, Step does, FitState state) {
        SawAccount account = Served.onDayOne(entry(2, finding.step(), StepOutcome.ATTEND, finding))
                .assess(2);
        Waiting waits = of(account, FindingMatter.FINDING_WAITS);
        assertThat(waits.step()).isEqualTo(does);
        assertThat(waits.state()).isEqualTo(state);
        assertThat(waits.finding()).isEqualTo(finding);
        assertThat(account.state()).isEqualTo(state);
    }

    /** What a figure said stays, until another figure says otherwise: a look without one takes nothing back. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "GROOVE_DEPTH,    6.3,  GROOVE_WATCH,      GROOVE,           FIT",
                "SPROCKET_WEAR,   0.35, SPROCKET_PLAN,     SPROCKET,         FIT",
                "SPROCKET_WEAR,   0.5,  SPROCKET_WORN_OUT, REPLACE_SPROCKET, DUE",
                "RAIL_DIFFERENCE, 0.3,  RAILS_UNEVEN,      DRESS_RAILS,      DUE",
                "RAIL_DIFFERENCE, 0.1,  -,                 -,                FIT",
            })
    void aFigureSaysWhatWaits(Measure measure, double mm, Finding finding, Step does, FitState state) {
        SawAccount account = Served.onDayOne(entry(3, measure.step(), StepOutcome.FINE))
                .figures(new MeasureEntry(1, "one", measure, at(2, 9), mm))
                .assess(3);
        assertThat(account.state()).isEqualTo(state);
        if (finding == null) {
            assertThat(waits(account)).doesNotContain(FindingMatter.FINDING_WAITS);
        } else {
            Waiting waits = of(account, FindingMatter.FINDING_WAITS);
            assertThat(waits.finding()).isEqualTo(finding);
            assertThat(waits.step()).isEqualTo(does);
        }
    }

    private static List<OilUse> oil(double ofEachTank) {
        List<OilUse> uses = new ArrayList<>();
        for (int day = 2; day < 5; day++) {
            uses.add(new OilUse(at(day, 16), 1, ofEachTank));
        }
        return uses;
    }

    /** Handbook section 7: three tanks tell; under 0.3 holds, under 0.6 and over 1.3 are looked at before use. */
    @ParameterizedTest
    @CsvSource({"0.2, NOT_OILING, HELD", "0.5, OIL_USE_LOW, DUE", "1.5, OIL_USE_HIGH, DUE"})
    void theOilThatIsUsedSpeaks(double ratio, OilMatter what, FitState state) {
        Waiting waits = of(Served.onDayOne().oil(oil(ratio)).assess(5), what);
        assertThat(waits.state()).isEqualTo(state);
        assertThat(waits.step()).isEqualTo(Step.OIL_CARD);
        assertThat(waits.extent()).isEqualTo(ratio, org.assertj.core.api.Assertions.within(1e-9));
    }

    @Test
    void rightOilSaysNothing() {
        assertThat(waits(Served.onDayOne().oil(oil(0.9)).assess(5)))
                .doesNotContain(OilMatter.NOT_OILING, OilMatter.OIL_USE_LOW, OilMatter.OIL_USE_HIGH);
    }

    /** A card that passed after the tanks ends what they said. */
    @Test
    void aPassingCardEndsWhatTheTanksSaid() {
        SawAccount account = Served.onDayOne(entry(5, Step.OIL_CARD, StepOutcome.FINE))
                .oil(oil(0.2))
                .assess(5);
        assertThat(waits(account)).doesNotContain(OilMatter.NOT_OILING);
    }

    private static List<UseEntry> outings(int count) {
        List<UseEntry> uses = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            uses.add(outing(2 + i, 0.1));
        }
        return uses;
    }

    /** One outing makes the brake due, a second without a test holds. */
    @ParameterizedTest
    @CsvSource({"1, TASK_DUE, DUE", "2, BRAKE_OVERDUE, HELD", "3, BRAKE_OVERDUE, HELD"})
    void theBrakeIsTestedBeforeEachUse(int outings, TaskMatter what, FitState state) {
        SawAccount account = Served.onDayOne().uses(outings(outings)).assess(6);
        Waiting brake = account.work().stream()
                .filter(w -> w.task() == Task.BRAKE)
                .findFirst()
                .orElseThrow();
        assertThat(brake.what()).isEqualTo(what);
        assertThat(brake.state()).isEqualTo(state);
    }

    /** A reading that fails says what is wrong with it; only one that passed grows old. */
    @ParameterizedTest
    @CsvSource({
        "RIGHT,      true",
        "FIRM,       true",
        "LOOSE,      false",
        "TOO_TIGHT,  false",
        "TIGHT_SPOT, false",
        "NO_VERDICT, false",
        "THROW_RISK, false",
    })
    void onlyAPassingReadingGrowsOld(TensionOutcome last, boolean old) {
        SawAccount account = Served.onDayOne().uses(outings(1)).read(1, last).assess(5);
        assertThat(waits(account).contains(TaskMatter.CHECK_DUE)).isEqualTo(old);
    }

    /** At seven tenths a task is worth doing while its stage is open; one whose limit is a single use is due or it is not. */
    @ParameterizedTest
    @CsvSource({"3, false", "4, true", "5, true"})
    void whatIsSoonDueIsTold(int outings, boolean told) {
        // The air filter: five tanks; outings of 0.875 tanks reach 0.7 exactly with four.
        List<UseEntry> uses = new ArrayList<>();
        for (int i = 0; i < outings; i++) {
            uses.add(outing(2 + i, 0.875));
        }
        SawAccount account = Served.onDayOne().uses(uses).assess(7);
        assertThat(account.work().stream()
                        .anyMatch(w -> w.task() == Task.AIR_FILTER
                                && (w.what() == TaskMatter.TASK_SOON || w.what() == TaskMatter.TASK_DUE)))
                .isEqualTo(told);
        assertThat(account.work().stream()
                        .noneMatch(w -> w.what() == TaskMatter.TASK_SOON && w.state() != FitState.FIT))
                .isTrue();
    }

    @Test
    void twoHoldsClearedWaitForOneRelease() {
        Hold one = Hold.byPerson("one", at(2, 12), Step.NUTS, Served.ALL);
        Hold two = Hold.byPerson("two", at(2, 13), Step.CONTROLS, Served.ALL);
        SawAccount account = Served.onDayOne(
                        entry(3, Step.NUTS, StepOutcome.FINE), entry(3, Step.CONTROLS, StepOutcome.FINE))
                .holds(one, two)
                .assess(4);
        assertThat(waits(account)).containsOnlyOnce(ReleaseMatter.RELEASE_WAITS);
    }
}
