package yellowtally.core.plan;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** What the plan reckons with (handbook section 10). */
public enum PlanSetting implements LinedSetting {
    DAYS(SettingLine.estimate("plan.days", 7, SettingUnit.DAYS, 2, 14, "The plan looks this many days ahead.")
            .forTheWholeFleet()),
    BENCH_BEGINS(SettingLine.estimate(
                    "plan.bench.begins",
                    8,
                    SettingUnit.HOURS,
                    0,
                    23,
                    "The bench begins at this hour; a crew that leaves before its minutes are over is served the day before.")
            .forTheWholeFleet()),
    BENCHES(SettingLine.estimate("plan.benches", 1, SettingUnit.COUNT, 1, 4, "Benches that are worked at side by side.")
            .forTheWholeFleet()),
    TANKS_PER_DAY(SettingLine.estimate(
            "plan.tanks-per-day",
            1.5,
            SettingUnit.TANKS,
            0.25,
            20,
            "On a booked day a saw uses this much, until its own outings tell.")),
    MOVE_WORTH(SettingLine.estimate(
                    "plan.move.worth",
                    5,
                    SettingUnit.PERCENT,
                    0,
                    50,
                    "The plan of before is kept unless another spares this much of the minutes or of the waiting.")
            .forTheWholeFleet());

    private final SettingLine line;

    PlanSetting(SettingLine line) {
        this.line = line;
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
