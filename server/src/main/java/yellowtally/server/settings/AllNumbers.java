package yellowtally.server.settings;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowtally.core.access.AccessSetting;
import yellowtally.core.bar.BarSetting;
import yellowtally.core.brake.BrakeSetting;
import yellowtally.core.diagnosis.DiagnosisSetting;
import yellowtally.core.drive.DriveSetting;
import yellowtally.core.edge.EdgeSetting;
import yellowtally.core.engine.EngineSetting;
import yellowtally.core.insight.InsightSetting;
import yellowtally.core.oiling.OilingSetting;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.stores.StoresSetting;
import yellowtally.core.tension.TensionSetting;
import yellowtally.core.wear.WearSetting;

/** Every number that an officer can change, room by room. */
final class AllNumbers {

    private static final Map<String, NumberSetting> BY_KEY = byKey();

    private AllNumbers() {}

    static List<NumberSetting> list() {
        return List.copyOf(BY_KEY.values());
    }

    static @Nullable NumberSetting find(String key) {
        return BY_KEY.get(key);
    }

    /** How tension is read is one for the fleet; limits and minutes may differ by model and saw. */
    static boolean scoped(NumberSetting setting) {
        return !(setting instanceof TensionSetting)
                || setting == TensionSetting.CHECK_OUTINGS
                || setting == TensionSetting.CHECK_TANKS
                || setting == TensionSetting.CHECK_MINUTES;
    }

    private static Map<String, NumberSetting> byKey() {
        List<NumberSetting[]> rooms = List.of(
                TensionSetting.values(),
                ScheduleSetting.values(),
                AccessSetting.values(),
                BarSetting.values(),
                EdgeSetting.values(),
                DriveSetting.values(),
                BrakeSetting.values(),
                OilingSetting.values(),
                EngineSetting.values(),
                WearSetting.values(),
                StoresSetting.values(),
                InsightSetting.values(),
                DiagnosisSetting.values());
        Map<String, NumberSetting> found = new LinkedHashMap<>();
        rooms.forEach(room -> List.of(room).forEach(setting -> found.put(setting.key(), setting)));
        return found;
    }
}
