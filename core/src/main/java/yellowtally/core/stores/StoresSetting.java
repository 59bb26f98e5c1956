package yellowtally.core.stores;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** How far ahead the stores look (general practice, estimates all). */
public enum StoresSetting implements LinedSetting {
    LEAD_DAYS(SettingLine.estimate(
            "stores.lead.days",
            10,
            SettingUnit.DAYS,
            0,
            120,
            "Days from an order to the shelf, where an item does not say.")),
    COVER_DAYS(SettingLine.estimate(
            "stores.cover.days", 60, SettingUnit.DAYS, 7, 365, "An order covers this many days after it has come.")),
    LEAST_DAYS(SettingLine.estimate(
            "stores.use.least-days",
            14,
            SettingUnit.DAYS,
            3,
            90,
            "With fewer days of records than this, no use per month is given.")),
    USE_DAYS(SettingLine.estimate(
                    "stores.use.days", 90, SettingUnit.DAYS, 14, 730, "The use per month is taken from this many days.")
            .over(LEAST_DAYS)),
    COST_TANKS(SettingLine.estimate(
            "stores.cost.tanks",
            1,
            SettingUnit.TANKS,
            0.25,
            20,
            "With fewer tanks than this, no cost per tank is given."));

    private final SettingLine line;

    StoresSetting(SettingLine line) {
        this.line = line;
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
