package yellowtally.core.judging;

import yellowtally.core.steps.StepOutcome;
import yellowtally.core.tension.TensionVerdict;

/** A tension check as a step of bench work (handbook sections 3 and 11). */
public final class TensionStep {

    private TensionStep() {}

    /** A throw risk and a chain that will not move fail and hold, what wants adjusting or another reading waits. */
    public static StepOutcome outcome(TensionVerdict last) {
        if (last.outcome().holds()) {
            return StepOutcome.FAIL;
        }
        return last.passes() ? StepOutcome.FINE : StepOutcome.ATTEND;
    }
}
