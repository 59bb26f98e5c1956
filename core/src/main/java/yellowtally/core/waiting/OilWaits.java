package yellowtally.core.waiting;

import yellowtally.core.steps.Step;

/**
 * What the use of bar oil beside the fuel says (handbook section 7).
 *
 * @param ratio bar oil to fuel, tanks to tanks
 */
public record OilWaits(OilMatter what, FitState state, Step step, double ratio) implements Waiting {

    /** Which side it is off. */
    public enum OilMatter {
        /** The chain gets next to none. */
        NOT_OILING,
        OIL_USE_LOW,
        OIL_USE_HIGH
    }

    public static OilWaits of(OilMatter what, double ratio) {
        return new OilWaits(what, what == OilMatter.NOT_OILING ? FitState.HELD : FitState.DUE, Step.OIL_CARD, ratio);
    }

    @Override
    public boolean forToday() {
        return true;
    }

    @Override
    public double extent() {
        return ratio;
    }
}
