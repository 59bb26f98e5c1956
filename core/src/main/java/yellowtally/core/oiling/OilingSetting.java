package yellowtally.core.oiling;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** The limits of oiling (handbook section 7). */
public enum OilingSetting implements LinedSetting {
    NONE_UNDER(ratio(
            "oiling.ratio.none-under",
            0.3,
            "Tanks of bar oil for each of fuel, or share of the usual: under this the chain is not oiled, hold.")),
    LOW_UNDER(ratio("oiling.ratio.low-under", 0.6, "Under this the oiling is low: check before use.")
            .over(NONE_UNDER)),
    HIGH_OVER(ratio("oiling.ratio.high-over", 1.3, "Over this the oil runs out before the fuel does, or leaks.")
            .over(LOW_UNDER)),
    PER_CHARGE(
            SettingLine.estimate(
                    "oiling.usual.charge",
                    0.3,
                    SettingUnit.FACTOR,
                    0.02,
                    3,
                    "Tanks of bar oil that a battery saw uses for each charge, until it is learned from its own use or its model's.")),
    PER_HOUR(
            SettingLine.estimate(
                    "oiling.usual.hour",
                    0.6,
                    SettingUnit.FACTOR,
                    0.02,
                    6,
                    "Tanks of bar oil that a corded saw uses for each run hour, until it is learned from its own use or its model's.")),
    LEARN(SettingLine.estimate(
            "oiling.usual.learn",
            6,
            SettingUnit.COUNT,
            2,
            50,
            "Charges or run hours before passing oil cards from which the usual is learned.")),
    FULL_TANKS(SettingLine.given(
            "oiling.full.tanks",
            1,
            SettingUnit.TANKS,
            0.5,
            5,
            7,
            "This much fuel burned with the oil still full is an alarm at once.")),
    FULL_SHARE(SettingLine.estimate(
            "oiling.full.share",
            0.05,
            SettingUnit.FACTOR,
            0,
            0.3,
            "Oil used up to this share of its tank counts as a tank that is still full.")),
    LEAST_TANKS(SettingLine.given(
            "oiling.ratio.tanks",
            3,
            SettingUnit.TANKS,
            1,
            20,
            7,
            "The oil ratio is taken over at least this many of the last tanks.")),
    TREND(SettingLine.estimate(
            "oiling.ratio.trend",
            0.2,
            SettingUnit.FACTOR,
            0.05,
            1,
            "A ratio that moved by more than this against the tanks before is rising or falling.")),
    THIN_BELOW(SettingLine.given(
            "oiling.grade.thin-below",
            0,
            SettingUnit.CELSIUS,
            -20,
            15,
            7,
            "Below this temperature thin winter oil, from it on 30 weight.")),
    LOOK_HOURS(SettingLine.given(
            "oiling.leak.look",
            4,
            SettingUnit.HOURS,
            1,
            24,
            7,
            "A saw stands this long on fresh card before the first look.")),
    DRY_HOURS(SettingLine.given(
                    "oiling.leak.dry",
                    24,
                    SettingUnit.HOURS,
                    12,
                    96,
                    7,
                    "A leak is closed only when it stayed dry this long.")
            .over(LOOK_HOURS));

    private final SettingLine line;

    OilingSetting(SettingLine line) {
        this.line = line;
    }

    private static SettingLine ratio(String key, double standard, String why) {
        return SettingLine.given(key, standard, SettingUnit.FACTOR, 0.05, 3, 7, why);
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
