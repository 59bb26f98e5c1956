package yellowtally.core.waiting;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.holds.Need;
import yellowtally.core.schedule.DueDate;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.steps.Step;

/**
 * A task of the schedule (handbook section 10).
 *
 * @param fraction how much of its nearest limit is used up; 1 and more is due
 * @param events what made it due at once
 * @param expected when it will fall due (est.); {@code null} when it is due or unknown
 * @param needs the steps that it holds for; empty when it does not hold
 */
public record TaskWaits(
        TaskMatter what,
        FitState state,
        Task task,
        double fraction,
        Set<DueEvent> events,
        @Nullable DueDate expected,
        List<Need> needs)
        implements Waiting {

    /** How it waits. */
    public enum TaskMatter {
        /** There is no brake test on record. */
        BRAKE_NEVER_TESTED(FitState.HELD),
        /** Out too often since its last brake test. */
        BRAKE_OVERDUE(FitState.HELD),
        TASK_DUE(FitState.DUE),
        /** The tension check is due; told apart, since it is done without opening anything. */
        CHECK_DUE(FitState.DUE),
        /** Not due yet, but near. */
        TASK_SOON(FitState.FIT);

        private final FitState state;

        TaskMatter(FitState state) {
            this.state = state;
        }
    }

    public TaskWaits {
        events = Set.copyOf(events);
        needs = List.copyOf(needs);
    }

    public static TaskWaits of(TaskMatter what, TaskDue due) {
        return new TaskWaits(
                what,
                what.state,
                due.task(),
                due.fraction(),
                due.events(),
                due.expected(),
                what.state == FitState.HELD ? Need.passing(due.task().steps()) : List.of());
    }

    @Override
    public @Nullable Step step() {
        return null;
    }

    @Override
    public boolean forToday() {
        return what != TaskMatter.TASK_SOON;
    }

    @Override
    public double extent() {
        return fraction;
    }
}
