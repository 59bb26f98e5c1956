package yellowtally.core.visit;

import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import yellowtally.core.schedule.RepairSetting;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.schedule.Task;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Bill;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Step;

/** The bill of a set of steps (handbook section 10): the minutes of their tasks, and each opened stage once. */
public final class StepMinutes {

    /** Part of opening and closing, and of every visit. */
    private static final Set<Step> WITHIN_OTHERS = EnumSet.of(Step.MAKE_SAFE, Step.REFIT, Step.NUTS, Step.FILL);

    private StepMinutes() {}

    /** The bill of these steps. */
    public static Bill bill(Collection<Step> steps, Numbers numbers) {
        Set<Stage> stages = EnumSet.of(Stage.CLOSED);
        steps.forEach(step -> stages.addAll(stages(step)));
        boolean coverOff = Bill.opened(stages).contains(Stage.COVER_OFF);
        double work = 0;
        for (Task task : Task.values()) {
            // Closing the cover includes the tension check. What only goes along is in the minutes of its task.
            boolean billed = task != Task.TENSION || !coverOff;
            work += billed && task.steps().stream().anyMatch(steps::contains) ? numbers.of(task.minutes()) : 0;
        }
        for (Step step : steps) {
            work += switch (step.kind()) {
                case REPLACE -> numbers.of(ScheduleSetting.REPLACE_MINUTES);
                case REPAIR -> numbers.of(RepairSetting.of(step));
                default -> alone(step, steps) ? numbers.of(ScheduleSetting.STEP_MINUTES) : 0;
            };
        }
        return Bill.of(stages, work, numbers);
    }

    /** Whether no task of these steps has its minutes: a look at the band for itself takes its time too. */
    private static boolean alone(Step step, Collection<Step> steps) {
        return !WITHIN_OTHERS.contains(step)
                && Arrays.stream(Task.values())
                        .filter(task -> task.steps().stream().anyMatch(steps::contains))
                        .noneMatch(task ->
                                task.steps().contains(step) || task.company().contains(step));
    }

    static Set<Stage> stages(Step step) {
        return step == Step.STRIP_DOWN ? Task.STRIP_DOWN.stages() : Set.of(step.stage());
    }
}
