package yellowtally.core.wear;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** From when on measurements may be projected. */
public enum WearSetting implements LinedSetting {
    LEAST_READINGS(SettingLine.estimate(
            "wear.least-readings", 3, SettingUnit.COUNT, 3, 12, "With fewer readings than this, no life is forecast.")),
    LEAST_TANKS(SettingLine.estimate(
            "wear.least-tanks",
            3,
            SettingUnit.TANKS,
            0.5,
            50,
            "Readings must lie at least this much use apart, from first to last.")),
    RATE_CHANGES(SettingLine.estimate(
            "wear.rate.changes",
            0.3,
            SettingUnit.FACTOR,
            0,
            1,
            "How much the rate of wear may change over the rest of a life: other wood, other hands."));

    private final SettingLine line;

    WearSetting(SettingLine line) {
        this.line = line;
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
