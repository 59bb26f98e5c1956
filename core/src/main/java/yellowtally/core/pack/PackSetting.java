package yellowtally.core.pack;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** What a day pack reckons with (general practice, estimates all). */
public enum PackSetting implements LinedSetting {
    RESERVE(SettingLine.estimate(
                    "pack.reserve",
                    20,
                    SettingUnit.PERCENT,
                    0,
                    100,
                    "So much more fuel, oil and charge is taken along than is likely to be used.")
            .forTheWholeFleet()),
    LOOP_TANKS(SettingLine.estimate(
                    "pack.loop.tanks",
                    10,
                    SettingUnit.TANKS,
                    1,
                    100,
                    "A spare loop goes with each saw, and another for each so many tanks.")
            .forTheWholeFleet()),
    FILE_SHARPENINGS(SettingLine.estimate(
                    "pack.file.sharpenings",
                    6,
                    SettingUnit.SHARPENINGS,
                    1,
                    50,
                    "A round file is good for so many sharpenings.")
            .forTheWholeFleet()),
    SAWS_OF_A_KEY(SettingLine.estimate(
                    "pack.key.saws", 2, SettingUnit.COUNT, 1, 20, "So many saws share a nut key and a screwdriver.")
            .forTheWholeFleet()),
    FUEL_TANK(SettingLine.estimate(
            "pack.tank.fuel",
            500,
            SettingUnit.MILLILITRES,
            50,
            3000,
            "What a fuel tank holds where the card does not say.")),
    OIL_TANK(SettingLine.estimate(
            "pack.tank.oil",
            280,
            SettingUnit.MILLILITRES,
            20,
            2000,
            "What an oil tank holds where the card does not say."));

    private final SettingLine line;

    PackSetting(SettingLine line) {
        this.line = line;
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
