package yellowtally.core.engine;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** The limits of fuel (handbook section 9). */
public enum EngineSetting implements LinedSetting {
    FUEL_OLD(SettingLine.estimate(
            "engine.fuel.old-from", 30, SettingUnit.DAYS, 7, 180, "Mixed fuel this old is no longer used.")),
    CAN(SettingLine.estimate(
            "engine.can.size",
            5000,
            SettingUnit.MILLILITRES,
            500,
            30000,
            "The can that a crew carries: its oil is told at the fill."));

    private final SettingLine line;

    EngineSetting(SettingLine line) {
        this.line = line;
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
