package yellowtally.core.waiting;

import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Step;

/**
 * Records of the saw cannot be understood: what they say of it is not known, and nothing unproven goes out (handbook section 11).
 *
 * @param records how many; at least one
 */
public record RecordWaits(RecordMatter what, FitState state, int records) implements Waiting {

    /** It has one form. */
    public enum RecordMatter {
        NOT_UNDERSTOOD
    }

    /** Some records, at least one. */
    public static RecordWaits of(int records) {
        if (records < 1) {
            throw new IllegalArgumentException("none that is not understood: " + records);
        }
        return new RecordWaits(RecordMatter.NOT_UNDERSTOOD, FitState.HELD, records);
    }

    @Override
    public @Nullable Step step() {
        return null;
    }

    /** Not at the bench, but before it goes out. */
    @Override
    public boolean forToday() {
        return true;
    }

    @Override
    public double extent() {
        return records;
    }
}
