package yellowtally.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.tension.NextMove;
import yellowtally.core.tension.TensionFigures;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TensionVerdict;

/** How a tension check ends as a step of bench work (handbook sections 3 and 11). */
class TensionStepTest {

    private static final TensionFigures FIGURES = new TensionFigures(5, 5.0, 1.0, 1, 1.0);
    private static final NextMove NEXT = new NextMove(NextMove.Kind.NONE, null, null, null);

    @ParameterizedTest
    @CsvSource({
        "TOO_TIGHT,  false, ATTEND",
        "FIRM,       false, FINE",
        "RIGHT,      false, FINE",
        "RIGHT,      true,  ATTEND",
        "LOOSE,      false, ATTEND",
        "THROW_RISK, false, FAIL",
        "THROW_RISK, true,  FAIL",
        "TIGHT_SPOT, false, ATTEND",
        "NO_VERDICT, false, ATTEND",
    })
    void theOutcomeFollowsTheLastReading(TensionOutcome outcome, boolean provisional, StepOutcome step) {
        TensionVerdict last = new TensionVerdict(outcome, provisional, List.of(), Set.of(), FIGURES, NEXT);
        assertThat(TensionStep.outcome(last)).isEqualTo(step);
    }
}
