package yellowtally.core.waiting;

import yellowtally.core.steps.Step;

/**
 * What the use of bar oil beside the fuel says (handbook section 7).
 *
 * @param share of the bar oil that is usual, 1 is usual
 */
public record OilWaits(OilMatter what, FitState state, Step step, double share) implements Waiting {

    /** Which side it is off. */
    public enum OilMatter {
        /** A whole tank burned, and the oil still full. */
        OIL_STILL_FULL,
        /** The chain gets next to none. */
        NOT_OILING,
        OIL_USE_LOW,
        OIL_USE_HIGH
    }

    public static OilWaits of(OilMatter what, double share) {
        boolean dry = what == OilMatter.NOT_OILING || what == OilMatter.OIL_STILL_FULL;
        return new OilWaits(what, dry ? FitState.HELD : FitState.DUE, Step.OIL_CARD, share);
    }

    @Override
    public boolean forToday() {
        return true;
    }

    @Override
    public double extent() {
        return share;
    }
}
