package yellowtally.core.steps;

import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * All that is to be said of a finding, in its own line.
 *
 * @param step that finds it
 * @param outcome what it makes of the step
 * @param condemned the part it takes out of use; {@code null} for none
 * @param opened the step it calls for; {@code null} for none, or for the one that replaces what it condemns
 * @param measure the figure it follows from; {@code null} when it is chosen by eye
 * @param repair the step that mends it in place; {@code null} when nothing does, or when it is no broken thing
 * @param seenBy the step whose look at the very thing decides; {@code null} for the step that found it
 * @param seasonal whether it fails in the fire season, whatever it is otherwise
 * @param told whether it is only said
 * @param openedToo steps that it calls for besides
 * @param possible on which saws it can be
 */
record FindingFacts(
        Step step,
        StepOutcome outcome,
        @Nullable Subject condemned,
        @Nullable Step opened,
        @Nullable Measure measure,
        @Nullable Step repair,
        @Nullable Step seenBy,
        boolean seasonal,
        boolean told,
        List<Step> openedToo,
        Predicate<SawProfile> possible) {

    private static FindingFacts of(Step step, StepOutcome outcome) {
        return new FindingFacts(step, outcome, null, null, null, null, null, false, false, List.of(), saw -> true);
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
        return new FindingFacts(
                step, outcome, part, opened, measure, repair, seenBy, seasonal, told, openedToo, possible);
    }

    FindingFacts opens(Step next) {
        return new FindingFacts(
                step, outcome, condemned, next, measure, repair, seenBy, seasonal, told, openedToo, possible);
    }

    /** And these besides the one that replaces what it condemns, or that it opens. */
    FindingFacts opensToo(Step... more) {
        return new FindingFacts(
                step, outcome, condemned, opened, measure, repair, seenBy, seasonal, told, List.of(more), possible);
    }

    FindingFacts by(Measure figure) {
        return new FindingFacts(
                step, outcome, condemned, opened, figure, repair, seenBy, seasonal, told, openedToo, possible);
    }

    /** A broken thing that can be mended in place: the repair, then a look, and nothing less (handbook section 11). */
    FindingFacts mendedBy(Step mending) {
        return new FindingFacts(
                step, outcome, condemned, opened, measure, mending, seenBy, seasonal, told, openedToo, possible);
    }

    /** The look that decides whether it is right again, where that is another than the one that found it. */
    FindingFacts provedBy(Step look) {
        return new FindingFacts(
                step, outcome, condemned, opened, measure, repair, look, seasonal, told, openedToo, possible);
    }

    FindingFacts lookedAtBy(Step look) {
        return new FindingFacts(
                step, outcome, condemned, look, measure, repair, look, seasonal, told, openedToo, possible);
    }

    FindingFacts failsInTheFireSeason() {
        return new FindingFacts(
                step, outcome, condemned, opened, measure, repair, seenBy, true, told, openedToo, possible);
    }

    FindingFacts onlyTold() {
        return new FindingFacts(
                step, outcome, condemned, opened, measure, repair, seenBy, seasonal, true, openedToo, possible);
    }

    FindingFacts on(Predicate<SawProfile> saws) {
        return new FindingFacts(
                step, outcome, condemned, opened, measure, repair, seenBy, seasonal, told, openedToo, saws);
    }
}
