package yellowtally.core.tension;

import yellowtally.core.steps.Step;

/** Why a chain will not stay tensioned, in the order of the minutes that a look costs (handbook section 3). */
public enum SlackSuspect {
    /** Bars have play and always end up at the top in the cut. */
    NOSE_NOT_UP(Step.TENSION),
    NUTS_LOOSE(Step.NUTS),
    SPROCKET_WORN(Step.SPROCKET),
    DRY_RUNNING(Step.OIL_CARD);

    private final Step step;

    SlackSuspect(Step step) {
        this.step = step;
    }

    /** The step that looks at it. */
    public Step step() {
        return step;
    }
}
