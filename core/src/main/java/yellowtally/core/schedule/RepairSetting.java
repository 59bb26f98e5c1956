package yellowtally.core.schedule;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;
import yellowtally.core.steps.Step;

/** Minutes of each small repair in place, opening and closing apart (handbook section 9; estimates all). */
public enum RepairSetting implements LinedSetting {
    TIGHTEN(Step.TIGHTEN, "tighten", 3, "Minutes to tighten nuts, bolts and studs, or to put one in."),
    GUARD(Step.NEW_GUARD, "guard", 6, "Minutes to change the hand guard."),
    CATCHER(Step.NEW_CATCHER, "catcher", 4, "Minutes to change the chain catcher."),
    ROPE(Step.NEW_ROPE, "rope", 8, "Minutes to change the starter rope, once the starter is off."),
    CAP_SEAL(Step.NEW_CAP_SEAL, "cap-seal", 2, "Minutes to change the seal of a tank cap."),
    SCREEN(Step.NEW_SCREEN, "screen", 2, "Minutes to change the arrestor screen, once it is out."),
    CONTROL_PART(Step.NEW_CONTROL_PART, "control-part", 15, "Minutes to change a trigger, lock or switch part."),
    MOUNT(Step.NEW_MOUNT, "mount", 12, "Minutes to change a vibration mount."),
    HOSE(Step.NEW_HOSE, "hose", 8, "Minutes to change a hose, once the tank is drained."),
    BAND(Step.NEW_BAND, "band", 15, "Minutes to change the brake band, once the cover is off."),
    POWER_PART(Step.NEW_POWER_PART, "power-part", 5, "Minutes to change a battery or a cable."),
    CASE_PART(Step.NEW_CASE_PART, "case-part", 30, "Minutes to change a part of the case."),
    TUNE(Step.TUNE, "tune", 15, "Minutes to tune, or to find and mend an air leak.");

    private static final Map<Step, RepairSetting> BY_STEP = new EnumMap<>(Step.class);

    static {
        Arrays.stream(values()).forEach(setting -> BY_STEP.put(setting.step, setting));
    }

    private final Step step;
    private final SettingLine line;

    RepairSetting(Step step, String name, double minutes, String reason) {
        this.step = step;
        this.line = SettingLine.estimate("repair.minutes." + name, minutes, SettingUnit.MINUTES, 1, 120, reason);
    }

    /** The minutes of a repair; only a step that is one has any. */
    public static RepairSetting of(Step repair) {
        RepairSetting setting = BY_STEP.get(repair);
        if (setting == null) {
            throw new IllegalArgumentException(repair + " is no small repair");
        }
        return setting;
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
