package yellowtally.core.waiting;

import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Step;

/**
 * A fault on which the bench has nothing left to do (handbook sections 7 and 12).
 *
 * @param about what the fault is called, in words
 */
public record FaultRests(FaultRestMatter what, FitState state, String about) implements Waiting {

    /** What it waits for. */
    public enum FaultRestMatter {
        /** Repaired and proved: an officer closes it. */
        FAULT_CLOSES,
        /** Stands on card until a dry day is on record. */
        FAULT_STANDS
    }

    public static FaultRests of(FaultRestMatter what, String about) {
        return new FaultRests(what, FitState.DUE, about);
    }

    @Override
    public @Nullable Step step() {
        return null;
    }

    @Override
    public boolean forToday() {
        return false;
    }
}
