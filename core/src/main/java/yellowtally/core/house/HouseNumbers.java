package yellowtally.core.house;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import yellowtally.core.away.AwaySetting;
import yellowtally.core.backup.BackupSetting;
import yellowtally.core.bar.BarSetting;
import yellowtally.core.brake.BrakeSetting;
import yellowtally.core.comparison.ComparisonSetting;
import yellowtally.core.diagnosis.DiagnosisSetting;
import yellowtally.core.drive.DriveSetting;
import yellowtally.core.edge.EdgeSetting;
import yellowtally.core.engine.EngineSetting;
import yellowtally.core.minutes.MinutesSetting;
import yellowtally.core.oiling.OilingSetting;
import yellowtally.core.pack.PackSetting;
import yellowtally.core.plan.PlanSetting;
import yellowtally.core.schedule.RepairSetting;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.StageSetting;
import yellowtally.core.stores.StoresSetting;
import yellowtally.core.tension.TensionSetting;
import yellowtally.core.wear.WearSetting;

/** The one table of numbers that an officer can change, room by room; each room lists its own. */
public final class HouseNumbers {

    private static final List<NumberSetting> ALL = all();
    private static final Map<String, NumberSetting> BY_KEY = byKey();

    private HouseNumbers() {}

    /** Every number, in the order of the rooms. */
    public static List<NumberSetting> list() {
        return ALL;
    }

    /** The number of a key; empty when no room has it. */
    public static Optional<NumberSetting> find(String key) {
        return Optional.ofNullable(BY_KEY.get(key));
    }

    /** What does not go together in these numbers; empty when all of them agree. */
    public static List<Numbers.Disorder> disorder(Numbers numbers) {
        return numbers.disorder(ALL);
    }

    private static List<NumberSetting> all() {
        List<NumberSetting> all = new ArrayList<>();
        all.addAll(List.of(TensionSetting.values()));
        all.addAll(List.of(ScheduleSetting.values()));
        all.addAll(List.of(PlanSetting.values()));
        all.addAll(List.of(PackSetting.values()));
        all.addAll(List.of(MinutesSetting.values()));
        all.addAll(List.of(AwaySetting.values()));
        all.addAll(List.of(RepairSetting.values()));
        all.addAll(List.of(StageSetting.values()));
        all.addAll(List.of(BarSetting.values()));
        all.addAll(List.of(EdgeSetting.values()));
        all.addAll(List.of(DriveSetting.values()));
        all.addAll(List.of(BrakeSetting.values()));
        all.addAll(List.of(OilingSetting.values()));
        all.addAll(List.of(EngineSetting.values()));
        all.addAll(List.of(WearSetting.values()));
        all.addAll(List.of(StoresSetting.values()));
        all.addAll(List.of(ComparisonSetting.values()));
        all.addAll(List.of(DiagnosisSetting.values()));
        all.addAll(List.of(BackupSetting.values()));
        return List.copyOf(all);
    }

    private static Map<String, NumberSetting> byKey() {
        Map<String, NumberSetting> found = new HashMap<>();
        ALL.forEach(setting -> found.put(setting.key(), setting));
        return found;
    }
}
