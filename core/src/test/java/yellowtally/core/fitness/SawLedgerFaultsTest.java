package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;
import static yellowtally.core.schedule.Uses.outing;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.diagnosis.Cause;
import yellowtally.core.diagnosis.Complaint;
import yellowtally.core.diagnosis.FaultEvent;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.core.diagnosis.FaultProgress;
import yellowtally.core.diagnosis.FaultStory;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.oiling.OilUse;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.schedule.Uses;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.visit.PlannedStep;
import yellowtally.core.visit.VisitPlan;
import yellowtally.core.waiting.FaultRests.FaultRestMatter;
import yellowtally.core.waiting.FaultWaits;
import yellowtally.core.waiting.FaultWaits.FaultMatter;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.OilWaits.OilMatter;
import yellowtally.core.waiting.TaskWaits.TaskMatter;
import yellowtally.core.waiting.Waiting;

/** Oil, overdue brake tests and open faults beside everything else that may wait on a saw. Served on day 1, looked at on day 9. */
class SawLedgerFaultsTest {

    private static final Complaint DRY =
            new Complaint("runs-dry", "Chain runs dry", false, Step.OIL_CARD, Set.of(), Map.of("blocked", 1.0));
    private static final Cause BLOCKED = new Cause(
            "blocked",
            "Oil hole blocked",
            List.of(Step.GROOVE),
            null,
            Set.of(),
            false,
            false,
            false,
            Set.of(),
            Map.of(),
            Set.of());

    private static SawAccount assess(
            List<UseEntry> uses, List<StepEntry> more, List<OilUse> oil, List<FaultEntry> faults) {
        return Served.onDayOne(more.toArray(StepEntry[]::new))
                .uses(uses)
                .oil(oil)
                .faults(faults)
                .read(8, TensionOutcome.RIGHT)
                .assess(9);
    }

    private static List<Enum<?>> what(SawAccount account) {
        return account.work().stream().map(Waiting::what).distinct().toList();
    }

    private static StepEntry record(int day, Step step, StepOutcome outcome) {
        return new StepEntry(0, step, at(day, 20), day(day), outcome, Set.of(), null, EnumSet.allOf(Subject.class));
    }

    @ParameterizedTest
    @CsvSource({
        "0.8, HELD, NOT_OILING",
        "1.2, DUE,  OIL_USE_LOW",
        "4.2, DUE,  OIL_USE_HIGH",
    })
    void theOilRatioHoldsOrWaits(double oil, FitState state, OilMatter what) {
        List<OilUse> used = List.of(new OilUse(at(3, 16), 3, oil));
        SawAccount account = assess(List.of(), List.of(), used, List.of());
        assertThat(account.state()).isEqualTo(state);
        assertThat(what(account)).contains(what);
        // A faint card proves nothing; a line of oil does.
        assertThat(what(assess(List.of(), List.of(record(4, Step.OIL_CARD, StepOutcome.ATTEND)), used, List.of())))
                .contains(what);
        // It proves no leak away, so that too much is told until later tanks say otherwise.
        assertThat(what(assess(List.of(), List.of(record(4, Step.OIL_CARD, StepOutcome.FINE)), used, List.of()))
                        .contains(what))
                .isEqualTo(what == OilMatter.OIL_USE_HIGH);
    }

    @Test
    void theRightAmountOfOilIsNoWork() {
        SawAccount account = assess(List.of(), List.of(), List.of(new OilUse(at(3, 16), 3, 3)), List.of());
        assertThat(account.state()).isEqualTo(FitState.FIT);
        assertThat(account.oil().ratio()).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"0, FIT, false", "1, DUE, false", "2, HELD, true", "3, HELD, true"})
    void outingsWithoutABrakeTestHoldFromTheSecondOn(int outings, FitState state, boolean held) {
        List<UseEntry> uses = new ArrayList<>();
        for (int i = 0; i < outings; i++) {
            uses.add(outing(3 + i, 0.1));
        }
        SawAccount account = assess(uses, List.of(), List.of(), List.of());
        assertThat(account.state()).isEqualTo(state);
        assertThat(what(account).contains(TaskMatter.BRAKE_OVERDUE)).isEqualTo(held);
    }

    @Test
    void aBrakeTestInBetweenCountsAnew() {
        List<UseEntry> uses = List.of(outing(3, 0.1), outing(5, 0.1));
        List<StepEntry> tested =
                List.of(record(4, Step.BRAKE_LEVER, StepOutcome.FINE), record(4, Step.BRAKE_RUNNING, StepOutcome.FINE));
        assertThat(what(assess(uses, tested, List.of(), List.of()))).doesNotContain(TaskMatter.BRAKE_OVERDUE);
        // Half a test is none.
        assertThat(what(assess(uses, tested.subList(0, 1), List.of(), List.of())))
                .contains(TaskMatter.BRAKE_OVERDUE);
    }

    private static FaultEntry fault(@Nullable Cause cause, FaultEvent... events) {
        return new FaultEntry("fault", new FaultProgress.Facts(DRY, cause, FaultStory.of(List.of(events))));
    }

    private static FaultEvent event(FaultEventKind kind, int day, @Nullable String cause) {
        return new FaultEvent(0, kind, at(day, 9), null, null, cause, null);
    }

    @Test
    void anOpenFaultWaitsUnderItsOwnName() {
        SawAccount account = assess(List.of(), List.of(), List.of(), List.of(fault(null)));
        assertThat(account.state()).isEqualTo(FitState.DUE);
        Waiting first = account.work().get(0);
        assertThat(first.what()).isEqualTo(FaultMatter.FAULT_FIND);
        assertThat(((FaultWaits) first).about()).isEqualTo("Chain runs dry");
    }

    @Test
    void aCauseBecomesStepsOfTheNextVisit() {
        FaultEntry found = fault(BLOCKED, event(FaultEventKind.CAUSE_FOUND, 3, "blocked"));
        SawAccount account = assess(List.of(), List.of(), List.of(), List.of(found));
        assertThat(account.work().get(0).what()).isEqualTo(FaultMatter.FAULT_REPAIR);
        assertThat(((FaultWaits) account.work().get(0)).about()).isEqualTo("Oil hole blocked");
        VisitPlan plan = VisitPlan.of(Profiles.petrol(), account.tasks(), account.work(), Numbers.STANDARD);
        assertThat(plan.steps()).extracting(PlannedStep::step).contains(Step.GROOVE, Step.REFIT, Step.TENSION);
    }

    @Test
    void theProofJoinsTheVisitOnceTheRepairIsDone() {
        FaultEntry found = fault(BLOCKED, event(FaultEventKind.CAUSE_FOUND, 3, "blocked"));
        StepEntry cleared = record(4, Step.GROOVE, StepOutcome.FINE);
        SawAccount account = assess(List.of(), List.of(cleared), List.of(), List.of(found));
        assertThat(what(account)).contains(FaultMatter.FAULT_PROOF).doesNotContain(FaultMatter.FAULT_REPAIR);
        VisitPlan plan = VisitPlan.of(Profiles.petrol(), account.tasks(), account.work(), Numbers.STANDARD);
        assertThat(plan.steps()).extracting(PlannedStep::step).contains(Step.OIL_CARD);
    }

    @Test
    void whatOnlyWaitsForAWordOrAMechanicIsNoWorkForToday() {
        FaultEntry away = fault(null, event(FaultEventKind.TO_MECHANIC, 3, null));
        SawAccount account = assess(List.of(), List.of(), List.of(), List.of(away));
        assertThat(account.work().get(0).what()).isEqualTo(FaultMatter.FAULT_MECHANIC);
        assertThat(account.work().get(0).forToday()).isFalse();
        FaultEntry proved = fault(BLOCKED, event(FaultEventKind.CAUSE_FOUND, 3, "blocked"));
        SawAccount closes = assess(
                List.of(),
                List.of(record(4, Step.GROOVE, StepOutcome.FINE), record(5, Step.OIL_CARD, StepOutcome.FINE)),
                List.of(),
                List.of(proved));
        assertThat(what(closes)).contains(FaultRestMatter.FAULT_CLOSES);
        assertThat(closes.work().get(0).forToday()).isFalse();
    }

    @Test
    void whenItCameBackLastIsReadOffItsOwnOutings() {
        UseEntry own = outing(4, 1);
        UseEntry ofItsChain =
                new UseEntry(at(6, 16), day(6), day(6), 1, Set.of(), Set.of(), null, EnumSet.of(Subject.CHAIN));
        SawLedger ledger = new SawLedger(
                TensionLedger.NONE,
                new ScheduleLedger(
                        Profiles.petrol(), Uses.START, List.of(own, ofItsChain), SawLog.EMPTY, List.of(), null),
                HoldRecords.NONE,
                List.of(),
                List.of(),
                PartLedger.EMPTY);
        assertThat(ledger.lastBack()).isEqualTo(at(4, 16));
    }
}
