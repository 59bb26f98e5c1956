package yellowtally.core.visit;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.day;
import static yellowtally.core.schedule.Uses.done;
import static yellowtally.core.schedule.Uses.outing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.core.log.StepEntry;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.schedule.Uses;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Bill;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.PlannedStep.Why;
import yellowtally.core.waiting.FindingHolds;
import yellowtally.core.waiting.FindingWaits;
import yellowtally.core.waiting.StepAttends;
import yellowtally.core.waiting.StepHolds;
import yellowtally.core.waiting.StepHolds.StepHoldMatter;
import yellowtally.core.waiting.TakeUpWaits;
import yellowtally.core.waiting.Waiting;

class VisitPlanTest {

    private static VisitPlan plan(SawProfile saw, List<UseEntry> uses, List<StepEntry> done) {
        List<TaskDue> tasks = Uses.ledger(saw, uses, done).assess(day(40), Seasons.STANDARD, Numbers.STANDARD);
        return VisitPlan.of(saw, tasks, List.of(), Numbers.STANDARD);
    }

    private static List<StepEntry> allDone(int day, StepEntry... more) {
        List<StepEntry> done = new ArrayList<>();
        for (Step step : Step.values()) {
            done.add(done(day, step));
        }
        done.addAll(Arrays.asList(more));
        return done;
    }

    private static Why why(VisitPlan plan, Step step) {
        return plan.steps().stream()
                .filter(s -> s.step() == step)
                .map(PlannedStep::why)
                .findFirst()
                .orElse(null);
    }

    /** Back from one wet day with a tank and a half: what every outing asks for, and the clean. */
    @Test
    void aDayOutAsksForItsRoutine() {
        VisitPlan plan = plan(Profiles.petrol(), List.of(outing(35, 1.5)), allDone(34));
        assertThat(plan.steps())
                .extracting(PlannedStep::step)
                .containsExactly(
                        Step.MAKE_SAFE,
                        Step.OUTSIDE_LOOK,
                        Step.BRAKE_LEVER,
                        Step.INERTIA,
                        Step.CLEAN_COVER,
                        Step.BRAKE_BAND,
                        Step.GROOVE,
                        Step.RAILS,
                        Step.NOSE,
                        Step.NOSE_GREASE,
                        Step.REFIT,
                        Step.TENSION,
                        Step.NUTS,
                        Step.FILL,
                        Step.BRAKE_RUNNING,
                        Step.CONTROLS);
        // look 2 + brake 1 + clean 5 + nose 1, cover 1+3 (tension in it), bar 1+2
        assertThat(plan.bill().workMinutes()).isEqualTo(9);
        assertThat(plan.bill().accessMinutes()).isEqualTo(7);
        assertThat(why(plan, Step.CLEAN_COVER)).isEqualTo(Why.DUE);
        assertThat(why(plan, Step.BRAKE_BAND)).isEqualTo(Why.COMPANY);
        assertThat(why(plan, Step.REFIT)).isEqualTo(Why.CLOSES);
        assertThat(why(plan, Step.GROOVE))
                .as("not sharpened since, and the bar is off anyway")
                .isEqualTo(Why.RIDES_ALONG);
        assertThat(plan.rideAlongs()).contains(new RideAlong(Task.GROOVE_FLIP, 7));
    }

    /** A saw of unknown past: what takes metal off is looked at first, and the calendar speaks for itself. */
    @Test
    void whatNobodyKnowsIsProposed() {
        VisitPlan plan = plan(Profiles.petrol(), List.of(), List.of(done(38, Step.PLUG)));
        assertThat(why(plan, Step.AIR_FILTER)).isEqualTo(Why.PAST_UNKNOWN);
        assertThat(why(plan, Step.BEARING)).isEqualTo(Why.PAST_UNKNOWN);
        assertThat(why(plan, Step.RAILS)).isNotNull();
        assertThat(why(plan, Step.DRESS_RAILS)).isNull();
        assertThat(why(plan, Step.EQUALISE)).isNull();
        assertThat(why(plan, Step.STRIP_DOWN)).as("not due by any calendar").isNull();
        assertThat(why(plan, Step.PLUG)).isNull();
        assertThat(new VisitStep(new PlannedStep(Step.BEARING, Why.PAST_UNKNOWN, Task.BEARING, null), null).optional())
                .as("left, it is proposed again")
                .isTrue();
    }

    /** The cover is off for the brake: the groove and the turn of the bar save the cover's 1 + 3, and need the bar's 1 + 2. */
    @Test
    void whatComesWithEveryUseRidesAlongWithThePartThatIsOpen() {
        SawProfile plain = Profiles.battery();
        List<UseEntry> used = List.of(outing(35, 0.5));
        VisitPlan plan = plan(plain, used, allDone(34));
        assertThat(plan.rideAlongs()).contains(new RideAlong(Task.GROOVE_FLIP, 4));
        assertThat(why(plan, Step.GROOVE)).isEqualTo(Why.RIDES_ALONG);
        assertThat(plan.bill().accessMinutes()).as("the bill is without it").isEqualTo(4);
        VisitPlan done = plan(plain, used, allDone(34, done(36, Step.GROOVE)));
        assertThat(why(done, Step.GROOVE)).as("not used since").isNull();
    }

    /** Sharpening makes turning the bar over due at the same visit. */
    @Test
    void whatASharpeningMakesDueComesWithIt() {
        VisitPlan plan = plan(Profiles.petrol(), List.of(outing(35, 3)), allDone(34));
        assertThat(why(plan, Step.SHARPEN)).isEqualTo(Why.DUE);
        assertThat(why(plan, Step.GROOVE)).isEqualTo(Why.COMES_WITH);
        assertThat(why(plan, Step.RAILS)).isEqualTo(Why.COMPANY);
        assertThat(why(plan, Step.DEPTH_GAUGES)).isNull();
        List<StepEntry> four = allDone(
                20, done(21, Step.SHARPEN), done(22, Step.SHARPEN), done(23, Step.SHARPEN), done(34, Step.SHARPEN));
        assertThat(why(plan(Profiles.petrol(), List.of(outing(35, 3)), four), Step.DEPTH_GAUGES))
                .isEqualTo(Why.COMES_WITH);
    }

    /** The rule of handbook section 10: near its limit, its stage open anyway. */
    @ParameterizedTest
    @CsvSource({
        "12, false", // 12 of 20 tanks: 0.6
        "14, true", // 0.7
        "19, true",
    })
    void aTaskRidesAlongFromSevenTenthsOn(double tanks, boolean rides) {
        List<StepEntry> done = allDone(30);
        done.removeIf(s -> s.step() == Step.SPROCKET);
        done.add(done(1, Step.SPROCKET));
        VisitPlan plan = plan(Profiles.petrol(), List.of(outing(20, tanks - 0.5), outing(35, 0.5)), done);
        assertThat(plan.rideAlongs().stream().anyMatch(r -> r.task() == Task.SPROCKET))
                .isEqualTo(rides);
        assertThat(why(plan, Step.SPROCKET)).isEqualTo(rides ? Why.RIDES_ALONG : null);
        if (rides) {
            // cover 1+3 and bar 1+2 would have to be opened for it alone
            assertThat(plan.rideAlongs()).contains(new RideAlong(Task.SPROCKET, 7));
        }
    }

    @Test
    void nothingRidesAlongWhereNothingIsOpen() {
        List<StepEntry> done = allDone(39);
        done.removeIf(s -> s.step() == Step.PLUG);
        done.add(done(1, Step.PLUG));
        VisitPlan plan = plan(Profiles.petrol(), List.of(outing(20, 36)), done);
        assertThat(plan.rideAlongs()).isEmpty();
        assertThat(why(plan, Step.PLUG)).isNull();
    }

    @Test
    void aBatterySawHasNoStepsOfAnEngine() {
        VisitPlan plan = plan(Profiles.battery(), List.of(outing(35, 5)), allDone(34));
        assertThat(plan.steps())
                .extracting(PlannedStep::step)
                .contains(Step.ELECTRIC_LOOK, Step.SHARPEN)
                .doesNotContain(Step.AIR_FILTER, Step.PLUG, Step.BEARING, Step.NOSE_GREASE);
    }

    @Test
    void stepsComeInTheOrderOfTheHands() {
        VisitPlan plan = plan(Profiles.petrol(), List.of(outing(35, 60)), allDone(1));
        assertThat(plan.steps())
                .extracting(PlannedStep::step)
                .isSortedAccordingTo(Comparator.naturalOrder())
                .doesNotHaveDuplicates();
    }

    @Test
    void whatIsOpenedLaterIsClosedAgain() {
        assertThat(VisitPlan.closing(Profiles.petrol(), EnumSet.of(Step.OUTSIDE_LOOK, Step.SHARPEN)))
                .isEmpty();
        assertThat(VisitPlan.closing(Profiles.petrol(), EnumSet.of(Step.CLEAN_COVER)))
                .containsExactlyInAnyOrder(Step.REFIT, Step.TENSION, Step.NUTS, Step.BRAKE_RUNNING);
        assertThat(VisitPlan.closing(Profiles.petrol(), EnumSet.of(Step.DRESS_RAILS)))
                .isEqualTo(Set.of(Step.REFIT, Step.TENSION, Step.NUTS, Step.BRAKE_RUNNING));
    }

    /** Leaving a step out never makes a visit longer, but for the tension check, which closing the cover includes. */
    @Test
    void fewerStepsAreNeverLonger() {
        List<Step> steps = new ArrayList<>(List.of(Step.values()));
        double before = StepMinutes.bill(steps, Numbers.STANDARD).totalMinutes();
        while (!steps.isEmpty()) {
            steps.remove(steps.size() - 1);
            double now = StepMinutes.bill(steps, Numbers.STANDARD).totalMinutes();
            assertThat(now).isLessThanOrEqualTo(before + 2);
            before = now;
        }
    }

    private static VisitPlan planOf(Waiting... work) {
        List<TaskDue> tasks = Uses.ledger(Profiles.petrol(), List.of(), allDone(39))
                .assess(day(40), Seasons.STANDARD, Numbers.STANDARD);
        return VisitPlan.of(Profiles.petrol(), tasks, List.of(work), Numbers.STANDARD);
    }

    /** What waits is in the visit by its own step, with the reason that it has; what only waits for its time is not. */
    @Test
    void whatWaitsIsInTheVisit() {
        VisitPlan plan = planOf(
                FindingHolds.of(Finding.TEETH_BROKEN, List.of()),
                StepHolds.of(StepHoldMatter.STEP_FAILED, Step.CONTROLS, List.of()),
                FindingWaits.of(Finding.BURR),
                StepAttends.of(Step.PLUG),
                TakeUpWaits.of(0.4));
        assertThat(why(plan, Step.SPROCKET)).isEqualTo(Why.HOLD);
        assertThat(why(plan, Step.REPLACE_SPROCKET))
                .as("what the finding opens")
                .isEqualTo(Why.FINDING);
        assertThat(why(plan, Step.CONTROLS)).isEqualTo(Why.HOLD);
        assertThat(why(plan, Step.DRESS_RAILS)).isEqualTo(Why.FINDING);
        assertThat(why(plan, Step.PLUG)).isEqualTo(Why.DUE);
        assertThat(why(plan, Step.TENSION)).as("closes the cover").isEqualTo(Why.CLOSES);
        assertThat(planOf(TakeUpWaits.of(0.4)).steps())
                .extracting(PlannedStep::step)
                .containsExactly(Step.MAKE_SAFE, Step.FILL);
    }

    /** The step that is in it twice keeps its stronger reason, whichever came first. */
    @Test
    void theStrongestReasonStands() {
        Waiting attends = StepAttends.of(Step.DRESS_RAILS);
        Waiting burr = FindingWaits.of(Finding.BURR);
        Waiting held = StepHolds.of(StepHoldMatter.PERSON_HOLDS, Step.DRESS_RAILS, List.of());
        assertThat(why(planOf(attends, burr), Step.DRESS_RAILS)).isEqualTo(Why.FINDING);
        assertThat(why(planOf(burr, attends), Step.DRESS_RAILS)).isEqualTo(Why.FINDING);
        assertThat(why(planOf(burr, held, attends), Step.DRESS_RAILS)).isEqualTo(Why.HOLD);
    }

    /** Of two findings with equal claim the first one is the word beside the step: the most urgent comes first. */
    @Test
    void theFirstOfTwoFindingsIsToldAtTheStep() {
        VisitPlan plan = planOf(FindingWaits.of(Finding.BURR), FindingWaits.of(Finding.RAILS_UNEVEN));
        assertThat(plan.steps())
                .filteredOn(planned -> planned.step() == Step.DRESS_RAILS)
                .extracting(PlannedStep::finding)
                .containsExactly(Finding.BURR);
    }

    /** A loose bolt is no strip-down: three minutes, nothing opened. */
    @ParameterizedTest
    @CsvSource({
        "SPIKE_BOLTS_LOOSE, TIGHTEN,      3,  0",
        "MUFFLER_LOOSE,     TIGHTEN,      3,  0",
        "FASTENER_LOOSE,    TIGHTEN,      3,  0",
        "MOUNT_TORN,        NEW_MOUNT,    12, 0",
        "ROPE_FRAYED,       NEW_ROPE,     8,  4",
        "CAP_SEAL_WORN,     NEW_CAP_SEAL, 2,  0",
    })
    void aSmallRepairIsBilledAsSmallAsItIs(Finding finding, Step repair, double work, double access) {
        assertThat(finding.opens()).isEqualTo(repair);
        Bill bill = StepMinutes.bill(List.of(Step.MAKE_SAFE, repair), Numbers.STANDARD);
        assertThat(bill.workMinutes()).isEqualTo(work);
        assertThat(bill.accessMinutes()).isEqualTo(access);
    }

    /** What holds and what waits has a step, and that step its minutes; filling is part of every visit. */
    @ParameterizedTest
    @EnumSource(
            value = Finding.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"FUEL_OLD", "OIL_NOT_FOR_BARS"})
    void everyFindingHasItsMinutes(Finding finding) {
        double minutes = StepMinutes.bill(List.of(finding.answeredBy()), Numbers.STANDARD)
                .totalMinutes();
        assertThat(minutes).isPositive();
    }

    /** Rich: the filter and the mix are looked at first. */
    @Test
    void aDarkPlugOpensFilterAndMix() {
        assertThat(Finding.PLUG_DARK_OILY.opensAll()).containsExactly(Step.AIR_FILTER, Step.FILL);
    }

    /** A replaced part costs its minutes, and once only. */
    @Test
    void aReplacementIsOnTheBill() {
        double one =
                StepMinutes.bill(List.of(Step.REPLACE_BAR), Numbers.STANDARD).workMinutes();
        double two = StepMinutes.bill(List.of(Step.REPLACE_BAR, Step.REPLACE_CHAIN), Numbers.STANDARD)
                .workMinutes();
        double replace = Numbers.STANDARD.of(ScheduleSetting.REPLACE_MINUTES);
        assertThat(one).isEqualTo(replace);
        assertThat(two).isEqualTo(2 * replace);
        assertThat(StepMinutes.bill(List.of(Step.BLUING_CAUSE), Numbers.STANDARD)
                        .workMinutes())
                .isEqualTo(Numbers.STANDARD.of(ScheduleSetting.STEP_MINUTES));
    }
}
