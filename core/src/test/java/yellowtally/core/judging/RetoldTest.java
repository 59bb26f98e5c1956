package yellowtally.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.StepReport;

/** A record told again of the saw that it belongs to means the same there, unless a figure means something else. */
class RetoldTest {

    private static final SawProfile SAW = Profiles.petrol();

    private static Set<Finding> set(Iterable<Finding> findings) {
        Set<Finding> set = EnumSet.noneOf(Finding.class);
        findings.forEach(set::add);
        return set;
    }

    /** Judged again on the same saw, every finding and every word of the officer means what it meant. */
    @ParameterizedTest
    @EnumSource(Finding.class)
    void onTheSameSawItMeansTheSame(Finding finding) {
        if (finding.measured() || !finding.step().appliesTo(SAW)) {
            return;
        }
        StepJudge judge = new StepJudge(SAW, Numbers.STANDARD);
        for (StepOutcome said : StepOutcome.values()) {
            StepVerdict first = judge.verdict(finding.step(), new StepReport(said, Set.of(finding), Map.of()));
            StepReport again = Retold.of(first.outcome(), set(first.findings()), Map.of(), SAW);
            StepVerdict second = judge.verdict(finding.step(), again);
            assertThat(second.outcome()).as("%s, said %s", finding, said).isEqualTo(first.outcome());
            assertThat(second.findings()).isEqualTo(first.findings());
        }
    }

    /** A worn-out groove is a finding of its figure: told again, the figure speaks for itself. */
    @Test
    void whatAFigureMeantIsJudgedAnew() {
        StepReport again =
                Retold.of(StepOutcome.FAIL, Set.of(Finding.GROOVE_WORN_OUT), Map.of(Measure.GROOVE_DEPTH, 5.2), SAW);
        assertThat(again.said()).isEqualTo(StepOutcome.FINE);
        assertThat(again.findings()).isEmpty();
        assertThat(again.figures()).containsEntry(Measure.GROOVE_DEPTH, 5.2);
    }

    @Test
    void whatTheEyeSaidIsSaidAgain() {
        assertThat(Retold.of(StepOutcome.FAIL, Set.of(), Map.of(), SAW).said()).isEqualTo(StepOutcome.FAIL);
        assertThat(Retold.of(StepOutcome.ATTEND, Set.of(), Map.of(), SAW).said())
                .isEqualTo(StepOutcome.ATTEND);
    }
}
