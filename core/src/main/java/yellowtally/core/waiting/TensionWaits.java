package yellowtally.core.waiting;

import yellowtally.core.steps.Step;

/** The set and the tension of its loop (handbook section 3). */
public record TensionWaits(TensionMatter what, FitState state, Step step) implements Waiting {

    /** What is the matter with it. */
    public enum TensionMatter {
        NO_SET_FITTED(FitState.HELD),
        THROW_RISK(FitState.HELD),
        /** Will not move by hand, with slack in the loop: something holds it. */
        JAMMED(FitState.HELD),
        /** Will not move by hand, and has no slack. */
        STUCK_TIGHT(FitState.HELD),
        TOO_TIGHT(FitState.DUE),
        LOOSE(FitState.DUE),
        TIGHT_SPOT(FitState.DUE),
        READING_NOT_FAIR(FitState.DUE),
        READ_HOT(FitState.DUE),
        /** The set was apart: read again after the first cuts. Waits for them; nothing to do before. */
        FIRST_CUTS_WAIT(FitState.FIT);

        private final FitState state;

        TensionMatter(FitState state) {
            this.state = state;
        }
    }

    public static TensionWaits of(TensionMatter what) {
        return new TensionWaits(
                what, what.state, what == TensionMatter.NO_SET_FITTED ? Step.REPLACE_CHAIN : Step.TENSION);
    }

    @Override
    public boolean forToday() {
        return what != TensionMatter.FIRST_CUTS_WAIT;
    }

    @Override
    public boolean failed() {
        return what.state == FitState.HELD;
    }

    /** Whether the last reading is no pass, so that it cannot grow old. */
    public boolean failsReading() {
        return what != TensionMatter.FIRST_CUTS_WAIT;
    }
}
