package yellowtally.core.visit;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.holds.Need.NeedKind;
import yellowtally.core.holds.SetBack;
import yellowtally.core.schedule.LimitUse;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.schedule.UseUnit;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Bill;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.PlannedStep.Why;
import yellowtally.core.waiting.Waiting;

/**
 * What a visit would do, in the order of the hands (handbook sections 1 and 10).
 *
 * @param steps in that order
 * @param bill minutes without the ride-alongs
 * @param rideAlongs what is worth doing because its stage is open; their steps are among {@code steps}
 */
public record VisitPlan(List<PlannedStep> steps, Bill bill, List<RideAlong> rideAlongs) {

    public VisitPlan {
        steps = List.copyOf(steps);
        rideAlongs = List.copyOf(rideAlongs);
    }

    /**
     * Plans a visit.
     *
     * @param tasks where every task stands
     * @param work what waits, holds and findings among it
     */
    public static VisitPlan of(SawProfile saw, Collection<TaskDue> tasks, Collection<Waiting> work, Numbers numbers) {
        Draft draft = new Draft(saw);
        draft.put(Step.MAKE_SAFE, Why.ALWAYS, null, null);
        work.stream().filter(Waiting::forToday).forEach(draft::putWork);
        tasks.stream().filter(TaskDue::due).forEach(due -> draft.putTask(due.task(), Why.DUE));
        if (draft.has(Step.SHARPEN)) {
            tasks.stream()
                    .filter(VisitPlan::dueWithSharpening)
                    .forEach(due -> draft.putTask(due.task(), Why.COMES_WITH));
        }
        tasks.stream().filter(VisitPlan::wantsFirstLook).forEach(due -> draft.putFirstLook(due.task()));
        draft.close();
        Bill bill = StepMinutes.bill(draft.steps(), numbers);
        List<RideAlong> rideAlongs = new ArrayList<>();
        for (TaskDue due : tasks) {
            double saved = saved(due, draft, bill.opened(), numbers);
            if (saved > 0) {
                rideAlongs.add(new RideAlong(due.task(), saved));
            }
        }
        rideAlongs.forEach(ride -> draft.putTask(ride.task(), Why.RIDES_ALONG));
        draft.put(Step.FILL, Why.ALWAYS, null, null);
        return new VisitPlan(List.copyOf(draft.planned.values()), bill, rideAlongs);
    }

    /**
     * Steps that have to follow when a step is added to a visit: what was opened is closed again and proved.
     *
     * @param present steps that the visit has, the added one among them
     */
    public static Set<Step> closing(SawProfile saw, Collection<Step> present) {
        Set<Stage> opened = EnumSet.noneOf(Stage.class);
        present.forEach(step -> StepMinutes.stages(step).forEach(stage -> opened.addAll(stage.opened())));
        Set<Step> closing = EnumSet.noneOf(Step.class);
        if (opened.contains(Stage.COVER_OFF)) {
            closing.addAll(SetBack.steps(saw));
        }
        return closing;
    }

    /**
     * What is not known stays unknown, and is proposed until somebody has looked (handbook section 11: no data proves nothing). What
     * the calendar alone makes due counts from the first day in service, which is never too late.
     */
    private static boolean wantsFirstLook(TaskDue due) {
        return due.unknown()
                && !due.due()
                && due.limits().stream().anyMatch(limit -> !limit.unit().ofCalendar());
    }

    /** One sharpening more makes it due: it is on the bench anyway then. */
    private static boolean dueWithSharpening(TaskDue due) {
        return due.limits().stream()
                .filter(limit -> limit.unit() == UseUnit.SHARPENINGS)
                .anyMatch(limit -> !due.due() && oneMoreIsDue(limit));
    }

    private static boolean oneMoreIsDue(LimitUse limit) {
        return limit.counted() + 1 >= limit.limit() - 1e-9;
    }

    /**
     * Minutes that doing a task now saves against a visit of its own: nearly due and its stage open anyway; or one that comes with
     * every use and was used since, for which what is open already need not be opened once more (handbook section 10).
     */
    private static double saved(TaskDue due, Draft draft, Set<Stage> opened, Numbers numbers) {
        Task task = due.task();
        if (due.due() || task == Task.STRIP_DOWN || draft.has(task.steps().get(0))) {
            return 0;
        }
        Set<Stage> needs = Bill.opened(task.stages());
        boolean near = due.fraction() >= numbers.of(ScheduleSetting.SOON_FROM);
        boolean allOpen = opened.containsAll(needs);
        if (!(near && allOpen) && !(due.oneUse() && due.used())) {
            return 0;
        }
        Set<Stage> closed = EnumSet.noneOf(Stage.class);
        closed.addAll(needs);
        closed.removeAll(opened);
        return Bill.access(needs, numbers) - Bill.access(closed, numbers);
    }

    /** The plan while it is made: each step once, with its strongest reason. */
    private static final class Draft {
        private final SawProfile saw;
        private final Map<Step, PlannedStep> planned = new EnumMap<>(Step.class);

        Draft(SawProfile saw) {
            this.saw = saw;
        }

        boolean has(Step step) {
            return planned.containsKey(step);
        }

        Set<Step> steps() {
            return planned.keySet();
        }

        void put(Step step, Why why, @Nullable Task task, @Nullable Finding finding) {
            PlannedStep before = planned.get(step);
            if (step.appliesTo(saw) && (before == null || why.compareTo(before.why()) < 0)) {
                planned.put(step, new PlannedStep(step, why, task, finding));
            }
        }

        void putFirstLook(Task task) {
            task.firstLook().forEach(step -> put(step, Why.PAST_UNKNOWN, task, null));
        }

        void putTask(Task task, Why why) {
            task.steps().forEach(step -> put(step, why, task, null));
            task.company().forEach(step -> put(step, why == Why.RIDES_ALONG ? why : Why.COMPANY, task, null));
        }

        void putWork(Waiting waits) {
            Finding finding = waits.finding();
            Why why = waits.failed() ? Why.HOLD : finding == null ? Why.DUE : Why.FINDING;
            if (waits.step() != null) {
                put(waits.step(), why, waits.task(), finding);
            }
            waits.needs().stream()
                    .filter(need -> need.kind() != NeedKind.CAUSE)
                    .forEach(need -> put(need.step(), why, waits.task(), finding));
            if (finding != null) {
                finding.opensAll().forEach(opened -> put(opened, Why.FINDING, null, finding));
            }
        }

        void close() {
            closing(saw, List.copyOf(planned.keySet())).forEach(step -> put(step, Why.CLOSES, null, null));
        }
    }
}
