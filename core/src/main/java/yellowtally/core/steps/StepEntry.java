package yellowtally.core.steps;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A step on record.
 *
 * @param step which
 * @param at when
 * @param day the same as a day
 * @param outcome how it ended
 * @param findings what was found
 * @param visit the visit it was part of, any value that equals itself; {@code null} outside a visit
 * @param subjects whose record it is: this saw, and each part of its set that was in the hand
 */
public record StepEntry(
        Step step,
        Instant at,
        LocalDate day,
        StepOutcome outcome,
        Set<Finding> findings,
        @Nullable Object visit,
        Set<Subject> subjects) {

    /** Whether it is a record of what its step is about, on the part that is fitted now. */
    public boolean speaks() {
        return subjects.contains(step.subject());
    }

    /** Done, and not failed. A tension that still wants adjusting is not done. */
    public boolean passed() {
        return step == Step.TENSION ? outcome == StepOutcome.FINE : outcome != StepOutcome.FAIL;
    }
}
