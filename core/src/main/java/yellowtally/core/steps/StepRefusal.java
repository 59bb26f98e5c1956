package yellowtally.core.steps;

import org.jspecify.annotations.Nullable;

/**
 * Why a report cannot be taken.
 *
 * @param measure the figure at fault; {@code null} when it is not a figure
 */
public record StepRefusal(Reason reason, @Nullable Measure measure) {

    /** Which fault. */
    public enum Reason {
        /** The saw has no such part. */
        STEP_DOES_NOT_APPLY,
        /** A finding of another step, or one that only a figure can make. */
        FINDING_NOT_OF_STEP,
        FIGURE_NOT_OF_STEP,
        /** A cutter longer than it was when new. */
        LONGER_THAN_NEW,
        /** The shortest cutter of a side longer than its longest. */
        SHORTEST_OVER_LONGEST,
        /** Lengths of one side only, or only one of a side: no plan can be made of it. */
        SAMPLE_INCOMPLETE,
        FIGURE_IMPOSSIBLE,
        FIGURE_MISSING,
        /** A cause step without a cause. */
        CAUSE_MISSING,
        /** Attend or fail must say what. */
        FINDING_OR_NOTE_MISSING
    }
}
