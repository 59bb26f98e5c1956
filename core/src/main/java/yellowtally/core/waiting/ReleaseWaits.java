package yellowtally.core.waiting;

import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Step;

/** A reason to hold is cleared; the officer's release is what is missing (handbook section 11). */
public record ReleaseWaits(ReleaseMatter what, FitState state) implements Waiting {

    /** It has one form. */
    public enum ReleaseMatter {
        RELEASE_WAITS
    }

    public static ReleaseWaits now() {
        return new ReleaseWaits(ReleaseMatter.RELEASE_WAITS, FitState.HELD);
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
