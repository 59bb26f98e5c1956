package yellowtally.core.tension;

import java.util.OptionalDouble;

/** One reading, as its method takes it. Values are not range-checked here, see {@link ReadingLimits}. */
public sealed interface TensionReading {

    TensionMethod method();

    /** The figure read, in mm or for {@link PastTouch} in degrees; none for a reading by eye. */
    OptionalDouble figure();

    /** Tang line, measured: pull-down at mid-bar in mm. */
    record PullDown(double mm) implements TensionReading {
        @Override
        public TensionMethod method() {
            return TensionMethod.TANG_LINE;
        }

        @Override
        public OptionalDouble figure() {
            return OptionalDouble.of(mm);
        }
    }

    /** Tang line by eye: no figure, only where the tips stand. */
    record TipsByEye(TipsPosition tips) implements TensionReading {
        @Override
        public TensionMethod method() {
            return TensionMethod.TANG_LINE;
        }

        @Override
        public OptionalDouble figure() {
            return OptionalDouble.empty();
        }
    }

    /** Lift at mid-bar on top in mm, and whether the chain snapped back. */
    record Lift(double mm, boolean springsBack) implements TensionReading {
        @Override
        public TensionMethod method() {
            return TensionMethod.LIFT_AND_SNAP;
        }

        @Override
        public OptionalDouble figure() {
            return OptionalDouble.of(mm);
        }
    }

    /** Gap between strap and lower rail at mid-bar without pull, in mm. */
    record RailGap(double mm) implements TensionReading {
        @Override
        public TensionMethod method() {
            return TensionMethod.RAIL_TOUCH;
        }

        @Override
        public OptionalDouble figure() {
            return OptionalDouble.of(mm);
        }
    }

    /** Gap under a light pull, in mm. */
    record CoinGap(double mm) implements TensionReading {
        @Override
        public TensionMethod method() {
            return TensionMethod.COIN_GAP;
        }

        @Override
        public OptionalDouble figure() {
            return OptionalDouble.of(mm);
        }
    }

    /** Adjuster angle past rail touch, in degrees. */
    record PastTouch(double degrees) implements TensionReading {
        @Override
        public TensionMethod method() {
            return TensionMethod.TWELFTH_PAST_TOUCH;
        }

        @Override
        public OptionalDouble figure() {
            return OptionalDouble.of(degrees);
        }
    }
}
