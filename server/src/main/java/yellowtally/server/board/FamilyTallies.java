package yellowtally.server.board;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import yellowtally.core.schedule.Family;
import yellowtally.core.schedule.LimitUse;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.schedule.UseUnit;

/**
 * One strip for each family: the task nearest to its limit. What is due after every outing would hide all else, so it is
 * drawn only where a family has nothing that lasts longer.
 */
final class FamilyTallies {

    /** Use against the limit that is nearest in a family; {@code unknown} where nobody can say how much was used. */
    record Tally(Family family, Task task, UseUnit unit, double raw, double counted, double limit, boolean unknown) {

        static Tally of(TaskDue task) {
            LimitUse use = task.binding();
            return new Tally(
                    task.task().family(),
                    task.task(),
                    use.unit(),
                    use.raw(),
                    use.counted(),
                    use.limit(),
                    task.unknown());
        }
    }

    private FamilyTallies() {}

    static List<Tally> of(List<TaskDue> tasks) {
        Map<Family, TaskDue> nearest = new EnumMap<>(Family.class);
        tasks.forEach(task -> nearest.merge(task.task().family(), task, FamilyTallies::toBeDrawn));
        return nearest.values().stream().map(Tally::of).toList();
    }

    private static TaskDue toBeDrawn(TaskDue one, TaskDue other) {
        if (one.unknown() != other.unknown()) {
            return one.unknown() ? other : one;
        }
        if (one.everyTime() != other.everyTime()) {
            return one.everyTime() ? other : one;
        }
        return other.fraction() > one.fraction() ? other : one;
    }
}
