package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.fitness.Served.entry;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.core.log.SawLog;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;

/** A part that was condemned is out of use until its own step says otherwise (handbook section 11). */
class CondemnedTest {

    @ParameterizedTest
    @CsvSource({
        "CHAIN,    CHAIN_LOOK, RIVET_OPEN,  true",
        "BAR,      CHAIN_LOOK, RIVET_OPEN,  false",
        "CHAIN,    CHAIN_LOOK, CUTTERS_DULL, false",
        "SPROCKET, CHAIN_LOOK, RIVET_OPEN,  false",
    })
    void aFindingCondemnsItsOwnPartOnly(Subject part, Step step, Finding finding, boolean condemned) {
        SawLog log = SawLog.of(List.of(entry(2, step, StepOutcome.FAIL, finding)));
        assertThat(Condemned.is(part, log)).isEqualTo(condemned);
    }

    /** What condemns is looked for in the records of the very steps that can find it. */
    @ParameterizedTest
    @EnumSource
    void whatCondemnsIsFoundByOneOfItsSteps(Subject part) {
        Set<Finding> condemning = Set.copyOf(Arrays.stream(Finding.values())
                .filter(finding -> finding.condemns() == part)
                .toList());
        assertThat(Condemned.steps(part))
                .containsExactlyInAnyOrderElementsOf(
                        Set.copyOf(condemning.stream().map(Finding::step).toList()));
        for (Finding finding : condemning) {
            SawLog log = SawLog.of(List.of(entry(2, finding.step(), StepOutcome.FAIL, finding)));
            assertThat(Condemned.is(part, log)).as(finding.name()).isTrue();
        }
    }

    @Test
    void theLastWordOfTheStepCounts() {
        SawLog lookedAgain = SawLog.of(List.of(
                entry(2, Step.CHAIN_LOOK, StepOutcome.FAIL, Finding.RIVET_OPEN),
                entry(3, Step.CHAIN_LOOK, StepOutcome.FINE)));
        assertThat(Condemned.is(Subject.CHAIN, lookedAgain)).isFalse();
        assertThat(Condemned.is(Subject.CHAIN, SawLog.of(List.of()))).isFalse();
    }
}
