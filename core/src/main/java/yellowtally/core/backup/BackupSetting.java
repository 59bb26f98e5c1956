package yellowtally.core.backup;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** How often the records are copied away and how many copies are kept (general practice). */
public enum BackupSetting implements LinedSetting {
    EVERY_HOURS(SettingLine.estimate(
                    "backup.every.hours",
                    24,
                    SettingUnit.HOURS,
                    1,
                    720,
                    "A backup is made by itself when the newest is this old and something has been recorded since.")
            .forTheWholeFleet()),
    KEEP(SettingLine.estimate(
                    "backup.keep.newest",
                    14,
                    SettingUnit.COUNT,
                    1,
                    200,
                    "This many of the newest backups are kept, whenever they were made.")
            .forTheWholeFleet()),
    KEEP_MONTHS(SettingLine.estimate(
                    "backup.keep.months",
                    12,
                    SettingUnit.COUNT,
                    0,
                    120,
                    "The last backup of each month is kept as well, for this many months, this one included.")
            .forTheWholeFleet());

    private final SettingLine line;

    BackupSetting(SettingLine line) {
        this.line = line;
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
