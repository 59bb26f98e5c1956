package yellowtally.core.away;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** What repairing is weighed against (general practice; estimates all). */
public enum AwaySetting implements LinedSetting {
    SAW_LIFE(SettingLine.estimate(
            "away.saw.life",
            1500,
            SettingUnit.TANKS,
            50,
            20_000,
            "A saw does about so many tanks before it is worn out as a whole.")),
    LIFE_SPREAD(SettingLine.estimate(
            "away.life.spread",
            40,
            SettingUnit.PERCENT,
            5,
            90,
            "One saw lasts this much longer or shorter than another.")),
    SURE(
            SettingLine.estimate(
                    "away.sure",
                    80,
                    SettingUnit.PERCENT,
                    50,
                    99,
                    "Repairing pays, or does not, when it is so in this share of what may be; between them money does not tell.")),
    LAST_SHARE(SettingLine.estimate(
            "away.last.share",
            5,
            SettingUnit.PERCENT,
            1,
            50,
            "A repaired saw does at least this share of a whole life, however old it is."));

    private final SettingLine line;

    AwaySetting(SettingLine line) {
        this.line = line;
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
