package yellowtally.core.comparison;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** How far something must stand out before it is said (estimates all). */
public enum ComparisonSetting implements LinedSetting {
    EATS_TIMES(SettingLine.estimate(
            "insight.edge.times",
            1.6,
            SettingUnit.FACTOR,
            1.1,
            5,
            "A loop that loses this many times as much cutter per tank as its sisters wears fast.")),
    LEAST_SISTERS(SettingLine.estimate(
            "insight.sisters.least",
            3,
            SettingUnit.COUNT,
            2,
            20,
            "Fewer sisters than this are not enough to compare with.")),
    OUTING_TIMES(SettingLine.estimate(
            "insight.outing.times",
            2.5,
            SettingUnit.FACTOR,
            1.5,
            10,
            "An outing that cost this many times the cutter of the loop's usual outing is named.")),
    SIDE_LEAST(SettingLine.estimate(
            "insight.side.least",
            4,
            SettingUnit.COUNT,
            3,
            20,
            "Sharpenings with both sides measured before one side is named.")),
    SIDE_SHARE(SettingLine.estimate(
            "insight.side.share",
            80,
            SettingUnit.PERCENT,
            60,
            100,
            "Share of them in which the same side was shorter.")),
    SIDE_MM(SettingLine.estimate(
            "insight.side.mm", 0.1, SettingUnit.MM, 0.02, 1, "Difference of the sides below which none is shorter.")),
    REPEAT_DAYS(SettingLine.estimate(
            "insight.repeat.days", 180, SettingUnit.DAYS, 14, 730, "Faults this many days back are compared.")),
    REPEAT_SAW(SettingLine.estimate(
            "insight.repeat.saw", 2, SettingUnit.COUNT, 2, 20, "The same cause so often on one saw is a repeat.")),
    REPEAT_MODEL(SettingLine.estimate(
            "insight.repeat.model",
            3,
            SettingUnit.COUNT,
            2,
            20,
            "The same cause so often on saws of one model is a repeat.")),
    STRETCHES_LEAST(SettingLine.estimate(
            "insight.outing.stretches",
            4,
            SettingUnit.COUNT,
            3,
            20,
            "Stretches between two measurements before one of them is called costly.")),
    STRETCH_TANKS(SettingLine.estimate(
            "insight.outing.tanks",
            1.5,
            SettingUnit.TANKS,
            0.25,
            20,
            "Tanks between two measurements from which they make a stretch."));

    private final SettingLine line;

    ComparisonSetting(SettingLine line) {
        this.line = line;
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
