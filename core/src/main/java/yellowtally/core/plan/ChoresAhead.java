package yellowtally.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.holds.Need.NeedKind;
import yellowtally.core.plan.Until.WaitCause;
import yellowtally.core.schedule.DueDate;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.Family;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Bill;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.PlannedStep;
import yellowtally.core.visit.VisitPlan;
import yellowtally.core.waiting.FaultWaits;
import yellowtally.core.waiting.FaultWaits.FaultMatter;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.Waiting;

/**
 * What a saw will need, day by day, as the schedule and the bench tell it (handbook section 10): a visit today costs what the bench says
 * that it costs, and what falls due later comes on the day on which it is expected (est.).
 */
public final class ChoresAhead {

    private ChoresAhead() {}

    /**
     * The chores of a saw.
     *
     * @param tasks where every task stands today
     * @param work what waits
     * @param visit what a visit today would do
     * @param here from when it is at the bench's hand: after an outing all is due that falls due with every use
     * @param ready what keeps it from being fit beside the bench: where that is all, somebody looks on the day on which it is over
     */
    public static List<Chore> of(
            Collection<TaskDue> tasks,
            Collection<Waiting> work,
            VisitPlan visit,
            Until here,
            Until ready,
            LocalDate today,
            Numbers numbers) {
        Set<Step> steps = EnumSet.noneOf(Step.class);
        visit.steps().stream()
                .filter(step -> step.why() != PlannedStep.Why.RIDES_ALONG)
                .map(PlannedStep::step)
                .forEach(steps::add);
        boolean coverOff = visit.bill().opened().contains(Stage.COVER_OFF);
        List<Chore> chores = new ArrayList<>();
        double ofTasks = 0;
        boolean somethingWaits = work.stream().anyMatch(Waiting::forToday);
        for (TaskDue task : tasks) {
            double minutes = numbers.of(task.task().minutes());
            Set<Stage> stages = Bill.opened(task.task().stages());
            boolean inVisit = (somethingWaits || task.due())
                    && task.task().steps().stream().anyMatch(steps::contains);
            if (inVisit) {
                chores.add(dueNow(task, minutes, stages));
                ofTasks += task.task() == Task.TENSION && coverOff ? 0 : minutes;
            } else {
                Chore chore = later(task, minutes, stages, today, numbers);
                boolean fromUse = here.cause() == WaitCause.OUT && chore.withEveryUse();
                chores.add(fromUse ? chore.dueOn(here.day()) : chore);
            }
        }
        Chore rest = rest(work, visit, ofTasks, ready);
        if (rest != null) {
            chores.add(rest);
        }
        return List.copyOf(chores);
    }

    /** Whether a cause has to be found first, so that nobody can say what the bench will have to do. */
    public static boolean doubtful(Collection<Waiting> work) {
        return work.stream().anyMatch(ChoresAhead::causeUnknown);
    }

    private static boolean causeUnknown(Waiting waits) {
        return waits.needs().stream().anyMatch(need -> need.kind() == NeedKind.CAUSE)
                || (waits instanceof FaultWaits fault
                        && (fault.what() == FaultMatter.FAULT_FIND || fault.what() == FaultMatter.FAULT_SORT));
    }

    private static Chore dueNow(TaskDue task, double minutes, Set<Stage> stages) {
        double over = Math.max(1, task.fraction());
        boolean safety = task.task().family() == Family.BRAKE || task.task().family() == Family.TENSION;
        boolean urgent = safety && (over > 1 + 1e-9 || task.events().contains(DueEvent.NEVER_DONE));
        return new Chore(task.task(), minutes, stages, 0, 0, over, urgent, task.limits());
    }

    private static Chore later(TaskDue task, double minutes, Set<Stage> stages, LocalDate today, Numbers numbers) {
        DueDate expected = task.expected();
        // What falls due with every use comes with the bookings, which are known, and with no pace.
        if (expected == null || task.everyTime()) {
            return new Chore(task.task(), minutes, stages, Chore.NEVER, Chore.NEVER, 1, false, task.limits());
        }
        int due = (int) Math.max(1, ChronoUnit.DAYS.between(today, expected.likely()));
        double used = task.fraction();
        double soon = numbers.of(ScheduleSetting.SOON_FROM);
        int from = used >= soon || (task.oneUse() && task.used())
                ? 0
                : (int) Math.ceil(due * (soon - used) / (1 - used) - 1e-9);
        return new Chore(task.task(), minutes, stages, Math.min(from, due), due, 1, false, task.limits());
    }

    /** What waits beside the tasks; {@code null} when the tasks are all. */
    private static @Nullable Chore rest(Collection<Waiting> work, VisitPlan visit, double ofTasks, Until ready) {
        boolean held = work.stream().anyMatch(waits -> waits.state() == FitState.HELD);
        List<Waiting> beside = work.stream()
                .filter(waits -> waits.state() != FitState.FIT && waits.task() == null)
                .toList();
        if (!held && beside.isEmpty()) {
            return null;
        }
        boolean byTheBench = work.stream().anyMatch(Waiting::forToday);
        int from = byTheBench ? 0 : ready.day();
        return new Chore(
                null,
                byTheBench ? Math.max(0, visit.bill().workMinutes() - ofTasks) : 0,
                byTheBench ? visit.bill().opened() : Set.of(),
                from,
                from,
                1,
                held,
                List.of());
    }
}
