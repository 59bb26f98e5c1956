package yellowtally.core.log;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;

/**
 * A step on record.
 *
 * @param seq its number in the order in which records were written; of two records of one moment the higher one is the later
 * @param step which
 * @param at when it was done, which may be long before it was written
 * @param day the same as a day
 * @param outcome how it ended
 * @param findings what was found
 * @param visit the visit it was part of, any value that equals itself; {@code null} outside a visit
 * @param subjects whose record it is: this saw, and each part of its set that was in the hand
 * @param told what was told of it when its saw was brought in; {@code null} for what was written down here
 */
public record StepEntry(
        long seq,
        Step step,
        Instant at,
        LocalDate day,
        StepOutcome outcome,
        Set<Finding> findings,
        @Nullable Object visit,
        Set<Subject> subjects,
        @Nullable Told told) {

    /** A step that was written down here. */
    public StepEntry(
            long seq,
            Step step,
            Instant at,
            LocalDate day,
            StepOutcome outcome,
            Set<Finding> findings,
            @Nullable Object visit,
            Set<Subject> subjects) {
        this(seq, step, at, day, outcome, findings, visit, subjects, null);
    }

    /** By when it was done, then by when it was written (handbook section 11: time is what the record says). */
    static final Comparator<StepEntry> IN_ORDER =
            Comparator.comparing(StepEntry::at).thenComparingLong(StepEntry::seq);

    /** Whether it is a record of what its step is about, on the part that is fitted now. */
    public boolean speaks() {
        return subjects.contains(step.subject());
    }

    /** Done, and not failed. A sharpening without a stroke resets nothing (handbook section 10). */
    public boolean passed() {
        return step.passing().contains(outcome) && !findings.contains(Finding.NOTHING_FILED);
    }

    /** Done here, and nothing was found: all else proves nothing (handbook section 11, rule 1). */
    public boolean proves() {
        return told == null && outcome == StepOutcome.FINE && !findings.contains(Finding.NOTHING_FILED);
    }

    /** Whether it was done after another, or written after it where both were done at one moment. */
    public boolean after(StepEntry other) {
        return IN_ORDER.compare(this, other) > 0;
    }
}
