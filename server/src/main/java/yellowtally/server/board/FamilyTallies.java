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

    /** Use against the limit that is nearest in a family. */
    record Tally(Family family, Task task, UseUnit unit, double raw, double counted, double limit) {

        private boolean lasts() {
            return limit > 1;
        }

        private double fraction() {
            return counted / limit;
        }
    }

    private FamilyTallies() {}

    static List<Tally> of(List<TaskDue> tasks) {
        Map<Family, Tally> nearest = new EnumMap<>(Family.class);
        for (TaskDue task : tasks) {
            LimitUse use = task.binding();
            nearest.merge(
                    task.task().family(),
                    new Tally(task.task().family(), task.task(), use.unit(), use.raw(), use.counted(), use.limit()),
                    FamilyTallies::toBeDrawn);
        }
        return List.copyOf(nearest.values());
    }

    private static Tally toBeDrawn(Tally one, Tally other) {
        if (one.lasts() != other.lasts()) {
            return one.lasts() ? one : other;
        }
        return other.fraction() > one.fraction() ? other : one;
    }
}
