package yellowtally.core.waiting;

import yellowtally.core.steps.Step;

/**
 * A chain that takes up faster than its own past or than its sisters: a suspicion, not a finding (handbook section 3).
 *
 * @param mmPerTank loop taken up per tank of late, mm
 */
public record TakeUpWaits(TakeUpMatter what, FitState state, Step step, double mmPerTank) implements Waiting {

    /** It has one form. */
    public enum TakeUpMatter {
        TAKES_UP_FAST
    }

    public static TakeUpWaits of(double mmPerTank) {
        return new TakeUpWaits(TakeUpMatter.TAKES_UP_FAST, FitState.FIT, Step.TENSION, mmPerTank);
    }

    @Override
    public boolean forToday() {
        return false;
    }

    @Override
    public double extent() {
        return mmPerTank;
    }
}
