package yellowtally.core.stages;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** Minutes to open and to close each stage (handbook section 10). */
public enum StageSetting implements LinedSetting {
    COVER_OPEN("access.cover.open", 1, "Minutes to take the cover off."),
    COVER_CLOSE("access.cover.close", 3, "Minutes to put the cover back, tension check included."),
    BAR_OPEN("access.bar.open", 1, "Minutes to take chain and bar off, with the cover off already."),
    BAR_CLOSE("access.bar.close", 2, "Minutes to put bar and chain back."),
    DRUM_OPEN("access.drum.open", 3, "Minutes to take the drum off, with the bar off already."),
    DRUM_CLOSE("access.drum.close", 4, "Minutes to put the drum back."),
    TOP_COVER_OPEN("access.top-cover.open", 0.5, "Minutes to take the top cover off."),
    TOP_COVER_CLOSE("access.top-cover.close", 0.5, "Minutes to put the top cover back."),
    SCREEN_OPEN("access.screen.open", 3, "Minutes to take the arrestor screen out."),
    SCREEN_CLOSE("access.screen.close", 3, "Minutes to put the arrestor screen back."),
    STARTER_OPEN("access.starter.open", 2, "Minutes to take the starter off."),
    STARTER_CLOSE("access.starter.close", 2, "Minutes to put the starter back."),
    TANKS_OPEN("access.tanks.open", 3, "Minutes to drain the tanks."),
    TANKS_CLOSE("access.tanks.close", 2, "Minutes to close the drained tanks.");

    private final SettingLine line;

    StageSetting(String key, double minutes, String why) {
        this.line = SettingLine.given(key, minutes, SettingUnit.MINUTES, 0, 60, 10, why);
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
