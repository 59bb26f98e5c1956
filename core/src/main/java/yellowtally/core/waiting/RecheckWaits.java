package yellowtally.core.waiting;

import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Step;
import yellowtally.core.tension.CheckOccasion;

/**
 * A recheck of a new chain (handbook section 3).
 *
 * @param done rechecks done, 0 to 2
 */
public record RecheckWaits(RecheckMatter what, FitState state, Step step, int done) implements Waiting {

    /** Which one. */
    public enum RecheckMatter {
        RECHECK_ONE_MINUTE(CheckOccasion.RECHECK_ONE_MINUTE),
        RECHECK_LIGHT_CUTTING(CheckOccasion.RECHECK_LIGHT_CUTTING),
        RECHECK_FIRST_TANK(CheckOccasion.RECHECK_FIRST_TANK),
        /** Waits for the first tank; nothing to do today. */
        RECHECK_AFTER_FIRST_TANK_WAITS(null);

        private final @Nullable CheckOccasion occasion;

        RecheckMatter(@Nullable CheckOccasion occasion) {
            this.occasion = occasion;
        }

        /** The check that it asks for now; empty while it only waits. */
        public Optional<CheckOccasion> occasion() {
            return Optional.ofNullable(occasion);
        }

        /**
         * The recheck that a check of this occasion is.
         *
         * @throws IllegalArgumentException when it is none of a new chain
         */
        public static RecheckMatter of(CheckOccasion occasion) {
            return Arrays.stream(values())
                    .filter(what -> what.occasion == occasion)
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("no recheck of a new chain: " + occasion));
        }
    }

    public static RecheckWaits of(RecheckMatter what, int done) {
        boolean waits = what == RecheckMatter.RECHECK_AFTER_FIRST_TANK_WAITS;
        return new RecheckWaits(what, waits ? FitState.FIT : FitState.DUE, Step.TENSION, done);
    }

    @Override
    public boolean forToday() {
        return what != RecheckMatter.RECHECK_AFTER_FIRST_TANK_WAITS;
    }

    @Override
    public double extent() {
        return done;
    }
}
