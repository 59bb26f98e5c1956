package yellowtally.core.drive;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** The limits of a drive sprocket (handbook section 6). */
public enum DriveSetting implements LinedSetting {
    SPROCKET_PLAN(wear(
            "drive.sprocket.plan-from", 0.3, "Wear groove across the teeth from which a new sprocket is planned.")),
    SPROCKET_REPLACE(
            wear("drive.sprocket.replace-from", 0.5, "Wear groove across the teeth at which the sprocket is replaced.")
                    .over(SPROCKET_PLAN)),
    LOOPS_PER_SPROCKET(SettingLine.given(
            "drive.cadence.loops-per-sprocket",
            2,
            SettingUnit.LOOPS,
            1,
            6,
            6,
            "Where nothing is measured: a new sprocket after this many loops worn out on it. A second school says 3.")),
    LOOP_TANKS(SettingLine.estimate(
            "drive.cadence.loop-tanks",
            70,
            SettingUnit.TANKS,
            5,
            500,
            "Tanks that a loop lasts, until its own cutters tell: by it loops are counted as far as they are worn.")),
    SPROCKETS_PER_BAR(SettingLine.given(
            "drive.cadence.sprockets-per-bar",
            2,
            SettingUnit.COUNT,
            1,
            6,
            5,
            "Where nothing is measured: a new bar after this many sprockets.")),
    SISTER_GROWTH(SettingLine.estimate(
            "drive.sister.growth",
            0.5,
            SettingUnit.PERCENT,
            0.1,
            2,
            "Loops that share a sprocket should not be further apart in growth than this."));

    private final SettingLine line;

    DriveSetting(SettingLine line) {
        this.line = line;
    }

    private static SettingLine wear(String key, double mm, String why) {
        return SettingLine.given(key, mm, SettingUnit.MM, 0.1, 2, 6, why);
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
