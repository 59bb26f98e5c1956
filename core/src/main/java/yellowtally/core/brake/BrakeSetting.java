package yellowtally.core.brake;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** The limits of a chain brake (handbook sections 8 and 11). */
public enum BrakeSetting implements LinedSetting {
    BAND_THIN(SettingLine.estimate(
            "brake.band.thin-under",
            0.6,
            SettingUnit.MM,
            0.3,
            2,
            "A brake band thinner than this is worn out; the maker's limit comes first.")),
    OVERDUE_OUTINGS(SettingLine.estimate(
            "brake.overdue.outings",
            2,
            SettingUnit.OUTINGS,
            1,
            50,
            "From this many outings without a brake test on record the saw is held (fail-safe)."));

    private final SettingLine line;

    BrakeSetting(SettingLine line) {
        this.line = line;
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
