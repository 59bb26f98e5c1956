package yellowtally.server.board;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
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
    record Tally(Family family, Task task, UseUnit unit, double raw, double counted, double limit) {}

    private FamilyTallies() {}

    static List<Tally> of(List<TaskDue> tasks) {
        List<Tally> tallies = new ArrayList<>();
        for (Family family : Family.values()) {
            List<TaskDue> own =
                    tasks.stream().filter(t -> t.task().family() == family).toList();
            List<TaskDue> lasting =
                    own.stream().filter(t -> t.binding().limit() > 1).toList();
            (lasting.isEmpty() ? own : lasting)
                    .stream().max(Comparator.comparingDouble(TaskDue::fraction)).ifPresent(task -> {
                        LimitUse use = task.binding();
                        tallies.add(new Tally(family, task.task(), use.unit(), use.raw(), use.counted(), use.limit()));
                    });
        }
        return tallies;
    }
}
