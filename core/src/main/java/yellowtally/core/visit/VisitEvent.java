package yellowtally.core.visit;

import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Step;

/** Something of a visit that stands on record. What was struck out is gone, and with it what stood on it. */
public sealed interface VisitEvent {

    /** Its number in the order in which records were written. */
    long seq();

    /** Which step it is about. */
    Step step();

    /**
     * A step was put in, or has to be done again.
     *
     * @param planned which step, and why
     * @param by the record that called for it, any value that equals itself; {@code null} when none did
     */
    record PutIn(long seq, PlannedStep planned, @Nullable Object by) implements VisitEvent {

        @Override
        public Step step() {
            return planned.step();
        }
    }

    /**
     * A step was done, or passed over.
     *
     * @param record its record, any value that equals itself
     */
    record Recorded(long seq, Step step, Object record) implements VisitEvent {}
}
