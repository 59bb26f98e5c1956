package yellowtally.core.schedule;

import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.tension.Work;

/** What a saw went through on an outing that makes its use count more (handbook section 10). */
public enum Condition {
    HARD,
    DIRTY,
    FROZEN,
    RAIN,
    LIMBING;

    /** Whether the edge is filed as for hard wood (handbook section 4). */
    public boolean filedAsHard() {
        return this == HARD || this == FROZEN;
    }

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

    /** What the wood, the work and the weather of an outing make of it (handbook section 10). */
    public static Set<Condition> of(Set<Wood> woods, Set<Work> works, boolean rain) {
        Set<Condition> conditions = EnumSet.noneOf(Condition.class);
        for (Wood wood : woods) {
            switch (wood) {
                case HARD -> conditions.add(HARD);
                case DIRTY -> conditions.add(DIRTY);
                case FROZEN -> conditions.add(FROZEN);
                case SOFT -> {
                    // Weighs nothing.
                }
            }
        }
        if (rain) {
            conditions.add(RAIN);
        }
        if (works.contains(Work.LIMBING)) {
            conditions.add(LIMBING);
        }
        return conditions;
    }
}
