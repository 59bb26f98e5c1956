package yellowtally.core.tension;

/** What the saw does next; a pinched branch can pull the chain off sideways, so limbing wants less slack (handbook 3). */
public enum Work {
    FELLING(TensionSetting.WORK_FELLING),
    LIMBING(TensionSetting.WORK_LIMBING),
    BRUSH(TensionSetting.WORK_LIMBING),
    BUCKING(TensionSetting.WORK_BUCKING);

    private final TensionSetting factor;

    Work(TensionSetting factor) {
        this.factor = factor;
    }

    /** The setting by which the target pull-down is multiplied for this work. */
    TensionSetting factor() {
        return factor;
    }
}
