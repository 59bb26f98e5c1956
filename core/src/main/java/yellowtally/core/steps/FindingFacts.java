package yellowtally.core.steps;

import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * All that is to be said of a finding, in its own line.
 *
 * @param step that finds it
 * @param outcome what it makes of the step
 * @param condemned the part it takes out of use; {@code null} for none
 * @param opened the step it calls for; {@code null} for none, or for the one that replaces what it condemns
 * @param measured whether it follows from a figure
 * @param seasonal whether it fails in the fire season, whatever it is otherwise
 * @param told whether it is only said
 * @param possible on which saws it can be
 */
record FindingFacts(
        Step step,
        StepOutcome outcome,
        @Nullable Subject condemned,
        @Nullable Step opened,
        boolean measured,
        boolean seasonal,
        boolean told,
        Predicate<SawProfile> possible) {

    private static FindingFacts of(Step step, StepOutcome outcome) {
        return new FindingFacts(step, outcome, null, null, false, false, false, saw -> true);
    }

    /** Good, or something to know. */
    static FindingFacts fine(Step step) {
        return of(step, StepOutcome.FINE);
    }

    /** Something waits. */
    static FindingFacts attends(Step step) {
        return of(step, StepOutcome.ATTEND);
    }

    /** Must not go out. */
    static FindingFacts fails(Step step) {
        return of(step, StepOutcome.FAIL);
    }

    FindingFacts condemns(Subject part) {
        return new FindingFacts(step, outcome, part, opened, measured, seasonal, told, possible);
    }

    FindingFacts opens(Step next) {
        return new FindingFacts(step, outcome, condemned, next, measured, seasonal, told, possible);
    }

    FindingFacts byFigure() {
        return new FindingFacts(step, outcome, condemned, opened, true, seasonal, told, possible);
    }

    FindingFacts failsInTheFireSeason() {
        return new FindingFacts(step, outcome, condemned, opened, measured, true, told, possible);
    }

    FindingFacts onlyTold() {
        return new FindingFacts(step, outcome, condemned, opened, measured, seasonal, true, possible);
    }

    FindingFacts on(Predicate<SawProfile> saws) {
        return new FindingFacts(step, outcome, condemned, opened, measured, seasonal, told, saws);
    }
}
