package yellowtally.core.schedule;

import org.jspecify.annotations.Nullable;

/** What a saw went through on an outing that makes its use count more (handbook section 10). */
public enum Condition {
    HARD,
    DIRTY,
    FROZEN,
    RAIN,
    LIMBING;

    /** The weight that this condition has for a task; {@code null} when it has none. */
    @Nullable
    ScheduleSetting weightFor(Task task) {
        return switch (this) {
            case HARD -> task.family() == Family.EDGE ? ScheduleSetting.WEIGHT_HARD : null;
            case FROZEN -> task.family() == Family.EDGE ? ScheduleSetting.WEIGHT_FROZEN : null;
            case DIRTY ->
                switch (task.family()) {
                    case EDGE -> ScheduleSetting.WEIGHT_DIRT_EDGE;
                    case BAR -> ScheduleSetting.WEIGHT_DIRT_BAR;
                    default -> null;
                };
            case RAIN -> task == Task.FULL_CLEAN || task == Task.AIR_FILTER ? ScheduleSetting.WEIGHT_RAIN : null;
            case LIMBING -> task == Task.TENSION ? ScheduleSetting.WEIGHT_LIMBING : null;
        };
    }
}
