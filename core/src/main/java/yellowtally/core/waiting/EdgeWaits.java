package yellowtally.core.waiting;

import yellowtally.core.steps.Step;

/**
 * What the strokes on record say of the cutters without a caliper (handbook section 4).
 *
 * @param differenceMm how far the sides are apart by them, mm (est.), never below zero
 */
public record EdgeWaits(EdgeMatter what, FitState state, Step step, double differenceMm) implements Waiting {

    /** It has one form. */
    public enum EdgeMatter {
        /** One side got so many more strokes that both are to be measured before the saw cuts a curve. */
        MEASURE_BOTH_SIDES
    }

    public static EdgeWaits of(double differenceMm) {
        return new EdgeWaits(EdgeMatter.MEASURE_BOTH_SIDES, FitState.DUE, Step.SHARPEN, differenceMm);
    }

    @Override
    public boolean forToday() {
        return true;
    }

    @Override
    public double extent() {
        return differenceMm;
    }
}
