package yellowtally.core.wear;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** From when on measurements may be projected. */
public enum WearSetting implements LinedSetting {
    LEAST_READINGS(SettingLine.estimate(
            "wear.least-readings",
            3,
            SettingUnit.COUNT,
            3,
            12,
            "Fewer readings than this say nothing of how long a part lasts.")),
    LEAST_TANKS(SettingLine.estimate(
            "wear.least-tanks",
            3,
            SettingUnit.TANKS,
            0.5,
            50,
            "Readings must lie at least this much use apart, from first to last."));

    private final SettingLine line;

    WearSetting(SettingLine line) {
        this.line = line;
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
