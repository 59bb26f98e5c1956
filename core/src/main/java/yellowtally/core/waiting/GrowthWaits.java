package yellowtally.core.waiting;

import yellowtally.core.steps.Step;

/**
 * How far a chain has grown (handbook section 3).
 *
 * @param percent of the loop, or of the adjuster travel that is left
 */
public record GrowthWaits(GrowthMatter what, FitState state, Step step, double percent) implements Waiting {

    /** Which limit it has reached. */
    public enum GrowthMatter {
        GROWN_TO_LIMIT,
        TRAVEL_NEARLY_USED,
        GROWN_TO_WATCH
    }

    public static GrowthWaits of(GrowthMatter what, double percent) {
        boolean watch = what == GrowthMatter.GROWN_TO_WATCH;
        return new GrowthWaits(
                what, watch ? FitState.FIT : FitState.DUE, watch ? Step.TENSION : Step.REPLACE_CHAIN, percent);
    }

    @Override
    public boolean forToday() {
        return what != GrowthMatter.GROWN_TO_WATCH;
    }

    @Override
    public double extent() {
        return percent;
    }
}
