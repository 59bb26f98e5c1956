package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.fitness.Served.ALL;
import static yellowtally.core.fitness.Served.entry;
import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;
import static yellowtally.core.schedule.Uses.done;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.schedule.Uses;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.OpenFinding;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;
import yellowtally.core.waiting.FindingHolds.FindingHoldMatter;
import yellowtally.core.waiting.FindingWaits.FindingMatter;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.ReleaseWaits.ReleaseMatter;
import yellowtally.core.waiting.TaskWaits.TaskMatter;
import yellowtally.core.waiting.Waiting;

class SawLedgerTest {

    private static HoldEntry hold(int day, Step step, Set<Subject> subjects, Finding... findings) {
        return new HoldEntry("hold", at(day, 12), step, Set.of(findings), false, subjects);
    }

    private static SawAccount assess(List<UseEntry> uses, List<StepEntry> records, HoldEntry... holds) {
        return Served.with(records).uses(uses).holds(holds).assess(5);
    }

    private static List<StepEntry> served(StepEntry... more) {
        return Served.onDayOne(more).records();
    }

    @Test
    void aServedSawIsFit() {
        assertThat(assess(List.of(), served()).state()).isEqualTo(FitState.FIT);
    }

    @Test
    void noBrakeTestOnRecordHolds() {
        SawAccount account = assess(List.of(), List.of(done(1, Step.BRAKE_LEVER)));
        assertThat(account.state()).isEqualTo(FitState.HELD);
        assertThat(account.work().get(0).what()).isEqualTo(TaskMatter.BRAKE_NEVER_TESTED);
    }

    @Test
    void anOutingMakesItDue() {
        SawAccount account = assess(List.of(Uses.outing(3, 1)), served());
        assertThat(account.state()).isEqualTo(FitState.DUE);
        assertThat(account.work()).extracting(Waiting::what).contains(TaskMatter.TASK_DUE, TaskMatter.CHECK_DUE);
    }

    static List<Finding> failures() {
        return Arrays.stream(Finding.values())
                .filter(finding -> finding.outcome(Profiles.petrol()) == StepOutcome.FAIL)
                .toList();
    }

    /** Every finding that fails holds, until a passing record without it; then the officer's release is missing. */
    @ParameterizedTest
    @MethodSource("failures")
    void aFailureHoldsUntilItsStepPasses(Finding finding) {
        Step step = finding.step();
        StepEntry failed = entry(2, step, StepOutcome.FAIL, finding);
        HoldEntry hold = hold(2, step, ALL, finding);
        SawAccount held = assess(List.of(), served(failed), hold);
        assertThat(held.state()).isEqualTo(FitState.HELD);
        assertThat(held.work().get(0).finding()).isEqualTo(finding);

        StepEntry again = entry(3, step, StepOutcome.FAIL, finding);
        assertThat(assess(List.of(), served(failed, again), hold).work().get(0).what())
                .isEqualTo(FindingHoldMatter.FINDING_HOLDS);
        StepEntry passed = entry(4, step, StepOutcome.FINE);
        SawAccount waits = assess(List.of(), served(failed, again, passed), hold);
        assertThat(waits.state()).isEqualTo(FitState.HELD);
        assertThat(waits.work()).extracting(Waiting::what).contains(ReleaseMatter.RELEASE_WAITS);
        assertThat(waits.work()).extracting(Waiting::what).doesNotContain(FindingHoldMatter.FINDING_HOLDS);
        assertThat(assess(List.of(), served(failed, again, passed)).state())
                .as("released; a sharpening makes groove and flip due")
                .isEqualTo(step == Step.SHARPEN ? FitState.DUE : FitState.FIT);
    }

    /** A pass from before the failure, or at the very moment of it, clears nothing. */
    @ParameterizedTest
    @CsvSource({"1", "2"})
    void anOlderPassClearsNothing(int day) {
        StepEntry passed = entry(day, Step.BRAKE_RUNNING, StepOutcome.FINE);
        HoldEntry hold = hold(2, Step.BRAKE_RUNNING, ALL, Finding.CHAIN_NOT_STOPPED);
        assertThat(hold.cleared(SawLog.of(List.of(passed)))).isFalse();
    }

    @Test
    void aCondemnedPartClearsByBeingReplaced() {
        HoldEntry cracked = hold(2, Step.CHAIN_LOOK, ALL, Finding.STRAP_CRACKED);
        assertThat(cracked.cleared(SawLog.EMPTY)).isFalse();
        HoldEntry otherChain = hold(2, Step.CHAIN_LOOK, EnumSet.of(Subject.SAW, Subject.BAR), Finding.STRAP_CRACKED);
        assertThat(otherChain.cleared(SawLog.EMPTY)).isTrue();
        HoldEntry brake = hold(2, Step.BRAKE_LEVER, EnumSet.of(Subject.SAW), Finding.LEVER_DOES_NOT_SNAP);
        assertThat(brake.cleared(SawLog.EMPTY))
                .as("a brake is not replaced with the set")
                .isFalse();
    }

    @Test
    void aTensionThatWantsAdjustingClearsNoThrowRisk() {
        HoldEntry thrown = hold(2, Step.TENSION, ALL);
        assertThat(thrown.cleared(SawLog.of(List.of(entry(3, Step.TENSION, StepOutcome.ATTEND)))))
                .isFalse();
        assertThat(thrown.cleared(SawLog.of(List.of(entry(3, Step.TENSION, StepOutcome.FINE)))))
                .isTrue();
    }

    /** A finding waits until its own step is recorded without it, or the step that it opened is done. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "RAILS BURR                              | true",
                "RAILS BURR; DRESS_RAILS                 | false",
                "RAILS BURR; RAILS                       | false",
                "DRESS_RAILS; RAILS BURR                 | true",
                "RAILS BLUING; DRESS_RAILS               | true",
                "RAILS BLUING; BLUING_CAUSE BLUED_BY_DULL_CHAIN          | true",
                "RAILS BLUING; BLUING_CAUSE BLUED_BY_DULL_CHAIN; SHARPEN | false",
                "OIL_CARD OIL_FAINT; CLEAN_COVER         | true",
                "OIL_CARD OIL_FAINT; OIL_CARD            | false",
            })
    void aFindingWaitsUntilItIsDone(String story, boolean open) {
        List<StepEntry> records = served();
        int day = 2;
        for (String line : story.split(";")) {
            String[] words = line.trim().split(" ");
            Step step = Step.valueOf(words[0]);
            records.add(
                    words.length == 1
                            ? entry(day++, step, StepOutcome.FINE)
                            : entry(day++, step, StepOutcome.ATTEND, Finding.valueOf(words[1])));
        }
        SawAccount account = assess(List.of(), records);
        assertThat(account.findings()).extracting(OpenFinding::finding).hasSize(open ? 1 : 0);
        assertThat(account.work().stream().anyMatch(w -> w.what() == FindingMatter.FINDING_WAITS))
                .isEqualTo(open);
    }

    @Test
    void aFindingTravelsWithItsPart() {
        StepEntry burr = new StepEntry(
                0,
                Step.RAILS,
                at(2, 12),
                day(2),
                StepOutcome.ATTEND,
                Set.of(Finding.BURR),
                null,
                EnumSet.of(Subject.BAR));
        assertThat(assess(List.of(), served(burr)).findings()).hasSize(1);
        StepEntry otherBar = new StepEntry(
                0,
                Step.RAILS,
                at(2, 12),
                day(2),
                StepOutcome.ATTEND,
                Set.of(Finding.BURR),
                null,
                EnumSet.of(Subject.SAW));
        assertThat(assess(List.of(), served(otherBar)).findings()).isEmpty();
    }
}
