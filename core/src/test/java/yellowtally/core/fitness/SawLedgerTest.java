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
import yellowtally.core.holds.Hold;
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

    private static Hold hold(int day, Step step, Set<Subject> subjects, Finding... findings) {
        return Hold.failed("hold", at(day, 12), step, Set.of(findings), subjects);
    }

    private static SawAccount assess(List<UseEntry> uses, List<StepEntry> records, Hold... holds) {
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

    /** Every finding that fails holds; failing again holds on. */
    @ParameterizedTest
    @MethodSource("failures")
    void aFailureHolds(Finding finding) {
        Step step = finding.step();
        StepEntry failed = entry(2, step, StepOutcome.FAIL, finding);
        Hold hold = hold(2, step, ALL, finding);
        SawAccount held = assess(List.of(), served(failed), hold);
        assertThat(held.state()).isEqualTo(FitState.HELD);
        assertThat(held.work().get(0).finding()).isEqualTo(finding);

        StepEntry again = entry(3, step, StepOutcome.FAIL, finding);
        assertThat(assess(List.of(), served(failed, again), hold).work().get(0).what())
                .isEqualTo(FindingHoldMatter.FINDING_HOLDS);
    }

    /** A test that failed is proved by the test; then the officer's release is missing, and nothing after it. */
    @Test
    void aPassedTestWaitsForTheOfficer() {
        StepEntry failed = entry(2, Step.BRAKE_RUNNING, StepOutcome.FAIL, Finding.CHAIN_NOT_STOPPED);
        StepEntry passed = entry(4, Step.BRAKE_RUNNING, StepOutcome.FINE);
        SawAccount waits =
                assess(List.of(), served(failed, passed), hold(2, Step.BRAKE_RUNNING, ALL, Finding.CHAIN_NOT_STOPPED));
        assertThat(waits.state()).isEqualTo(FitState.HELD);
        assertThat(waits.work()).extracting(Waiting::what).containsExactly(ReleaseMatter.RELEASE_WAITS);
        assertThat(assess(List.of(), served(failed, passed)).state())
                .as("released")
                .isEqualTo(FitState.FIT);
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
