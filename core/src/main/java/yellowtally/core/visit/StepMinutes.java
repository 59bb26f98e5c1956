package yellowtally.core.visit;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.schedule.Task;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Bill;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepKind;

/** The bill of a set of steps (handbook section 10): the minutes of their tasks, and each opened stage once. */
public final class StepMinutes {

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
            work += step.kind() == StepKind.REPLACE ? numbers.of(ScheduleSetting.REPLACE_MINUTES) : 0;
            work += step.kind() == StepKind.REPAIR ? numbers.of(ScheduleSetting.REPAIR_MINUTES) : 0;
            work += step == Step.BLUING_CAUSE ? numbers.of(ScheduleSetting.STEP_MINUTES) : 0;
        }
        return Bill.of(stages, work, numbers);
    }

    static Set<Stage> stages(Step step) {
        return step == Step.STRIP_DOWN ? Task.STRIP_DOWN.stages() : Set.of(step.stage());
    }
}
