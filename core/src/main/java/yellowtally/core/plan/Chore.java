package yellowtally.core.plan;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.LimitUse;
import yellowtally.core.schedule.Task;
import yellowtally.core.stages.Stage;

/**
 * One piece of work that a saw will need, as the plan reckons with it.
 *
 * @param task {@code null} for all that waits on the saw beside its tasks: findings, holds, repairs, changes of parts
 * @param minutes without opening and closing
 * @param stages all stages that it opens, those under them among them
 * @param from first day on which it is worth doing if its stages are open anyway; 0 is today
 * @param due day on which it falls due; 0 is today, less has waited already; {@link #NEVER} within no plan
 * @param over how far over its limit it is, 1 when it just falls due
 * @param urgent whether the saw is held for it, or it is overdue and about safety
 * @param limits what of its limits is used up, for what a booking adds
 */
public record Chore(
        @Nullable Task task,
        double minutes,
        Set<Stage> stages,
        int from,
        int due,
        double over,
        boolean urgent,
        List<LimitUse> limits) {

    /** Farther away than any plan looks. */
    public static final int NEVER = Integer.MAX_VALUE;

    /** Whether it falls due with every outing, as most checks of a day do. */
    public boolean withEveryUse() {
        return limits.stream().anyMatch(limit -> limit.unit().ofUse() && limit.limit() <= 1);
    }

    /** The same when it falls due on a day and not before. */
    Chore dueOn(int day) {
        return new Chore(task, minutes, stages, day, day, over, urgent, limits);
    }

    public Chore {
        stages = Set.copyOf(stages);
        limits = List.copyOf(limits);
    }
}
