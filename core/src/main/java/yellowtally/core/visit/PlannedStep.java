package yellowtally.core.visit;

import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.Task;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;

/**
 * A step of a visit and why it is in it.
 *
 * @param task the task it belongs to; {@code null} when it belongs to none
 * @param finding the finding that calls for it; {@code null} when none does
 */
public record PlannedStep(
        Step step, Why why, @Nullable Task task, @Nullable Finding finding) {

    /** Why a step is in a visit, the strongest reason first. */
    public enum Why {
        /** Each visit begins and ends so. */
        ALWAYS,
        HOLD,
        FINDING,
        /** Another part came on, and this is part of fitting it. */
        FOLLOWS,
        DUE,
        /** Somebody put it in. */
        BY_HAND,
        /** Falls due with a sharpening. */
        COMES_WITH,
        /** Goes along with a task, because the hand is there. */
        COMPANY,
        /** The saw was opened: it has to be closed and proved. */
        CLOSES,
        /** Nobody knows how far it is: a look now, and it counts from here; may be left. */
        PAST_UNKNOWN,
        /** Not due yet, worth doing because its stage is open; may be left. */
        RIDES_ALONG
    }
}
