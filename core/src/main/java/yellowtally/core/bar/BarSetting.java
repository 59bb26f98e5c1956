package yellowtally.core.bar;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** The limits of a bar (handbook section 5). */
public enum BarSetting implements LinedSetting {
    CLEARANCE_SCRAP(SettingLine.given(
            "bar.clearance.scrap-at", 0.5, SettingUnit.MM, 0.1, 2, 5, "Groove clearance at which the bar is scrap.")),
    CLEARANCE_WATCH(SettingLine.given(
                    "bar.clearance.watch-under",
                    1.0,
                    SettingUnit.MM,
                    0.3,
                    3,
                    5,
                    "Groove clearance under this is watched.")
            .over(CLEARANCE_SCRAP)),
    DRESSING_COST(SettingLine.estimate(
            "bar.dressing.cost", 0.15, SettingUnit.MM, 0.02, 1, "Groove depth that one dressing of the rails costs.")),
    GROOVE_OVER_GAUGE(SettingLine.given(
            "bar.groove.over-gauge",
            0.3,
            SettingUnit.MM,
            0.1,
            1,
            5,
            "A groove wider than the gauge by more than this lets the chain tip: scrap.")),
    RAILS_DRESS(SettingLine.given(
            "bar.rails.dress-from",
            0.25,
            SettingUnit.MM,
            0.05,
            0.8,
            5,
            "Difference of the rails from which both are dressed.")),
    RAILS_SCRAP(SettingLine.given(
                    "bar.rails.scrap-over",
                    0.8,
                    SettingUnit.MM,
                    0.3,
                    3,
                    5,
                    "Difference of the rails over which the bar is scrap.")
            .over(RAILS_DRESS)),
    NOSE_MISSED(SettingLine.given(
            "bar.nose.missed-most",
            2,
            SettingUnit.COUNT,
            0,
            20,
            5,
            "After more missed shots of grease than this the hole is cleared first, or the policy is changed.")),
    DRESSING_LEAST(SettingLine.estimate(
            "bar.dressing.least",
            0.01,
            SettingUnit.MM,
            0.001,
            0.1,
            "A dressing that took less groove than this was measured wrongly.")),
    DRESSING_MOST(SettingLine.estimate(
            "bar.dressing.most",
            1,
            SettingUnit.MM,
            0.2,
            3,
            "A dressing that took more groove than this was measured wrongly."));

    private final SettingLine line;

    BarSetting(SettingLine line) {
        this.line = line;
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
