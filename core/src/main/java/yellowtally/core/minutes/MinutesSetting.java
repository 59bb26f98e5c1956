package yellowtally.core.minutes;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** How minutes taken are read off the records, and how they correct what was estimated (general practice). */
public enum MinutesSetting implements LinedSetting {
    QUICK(estimate(
            "quick",
            30,
            SettingUnit.PERCENT,
            5,
            90,
            "Work recorded within this share of its minutes was done before, and written in one go.")),
    QUICK_UNDER(estimate(
            "quick.under",
            0.5,
            SettingUnit.MINUTES,
            0,
            10,
            "Records nearer to each other than this were written in one go.")),
    BREAK_TIMES(estimate(
            "break.times",
            3,
            SettingUnit.COUNT,
            2,
            20,
            "Work that takes longer than so many times its minutes, and the extra, had a break in it.")),
    BREAK_OVER(estimate("break.over", 10, SettingUnit.MINUTES, 1, 240, "The extra before it is a break.")),
    SET_WEIGHS(estimate(
            "set.weighs",
            5,
            SettingUnit.COUNT,
            1,
            1000,
            "Minutes that are set weigh as much as having done the work so many times.")),
    SET_SPREAD(estimate(
            "set.spread",
            40,
            SettingUnit.PERCENT,
            5,
            200,
            "One and the same work takes this much longer or shorter, until the records tell.")),
    VISITS(estimate("visits", 300, SettingUnit.COUNT, 20, 2000, "So many visits tell what work takes, the newest.")),
    LEAST_TIMES(estimate(
            "least.times", 5, SettingUnit.COUNT, 2, 100, "Work done less often than this corrects no estimate.")),
    WORTH(estimate(
            "worth",
            10,
            SettingUnit.PERCENT,
            1,
            100,
            "An estimate is corrected where what was taken differs by this share, and by half a minute."));

    private final SettingLine line;

    MinutesSetting(SettingLine line) {
        this.line = line;
    }

    /** Two saws at one bench are read by one clock. */
    private static SettingLine estimate(
            String key, double standard, SettingUnit unit, double min, double max, String why) {
        return SettingLine.estimate("minutes." + key, standard, unit, min, max, why)
                .forTheWholeFleet();
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
