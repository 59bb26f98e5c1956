package yellowtally.core.visit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import yellowtally.core.schedule.RepairSetting;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.schedule.Task;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Bill;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Step;

/** The bill of a set of steps (handbook section 10): the minutes of their tasks, and each opened stage once. */
public final class StepMinutes {

    /** Part of opening and closing, and of every visit. */
    private static final Set<Step> WITHIN_OTHERS = EnumSet.of(Step.MAKE_SAFE, Step.REFIT, Step.NUTS, Step.FILL);

    private StepMinutes() {}

    /**
     * A line of a bill.
     *
     * @param minutes the number that says how long it takes
     * @param steps that share it, in the order of the hands
     */
    public record Line(NumberSetting minutes, List<Step> steps) {

        public Line {
            steps = List.copyOf(steps);
        }
    }

    /** The bill of these steps. */
    public static Bill bill(Collection<Step> steps, Numbers numbers) {
        double work = lines(steps).stream()
                .mapToDouble(line -> numbers.of(line.minutes()))
                .sum();
        return Bill.of(stages(steps), work, numbers);
    }

    /** What the bill of these steps is made of, opening and closing apart. */
    public static List<Line> lines(Collection<Step> steps) {
        boolean coverOff = Bill.opened(stages(steps)).contains(Stage.COVER_OFF);
        List<Line> lines = new ArrayList<>();
        for (Task task : Task.values()) {
            // Closing the cover includes the tension check. What only goes along is in the minutes of its task.
            boolean billed = task != Task.TENSION || !coverOff;
            if (billed && task.steps().stream().anyMatch(steps::contains)) {
                lines.add(new Line(
                        task.minutes(),
                        steps.stream()
                                .filter(step -> task.steps().contains(step)
                                        || task.company().contains(step))
                                .toList()));
            }
        }
        for (Step step : steps) {
            switch (step.kind()) {
                case REPLACE -> lines.add(new Line(ScheduleSetting.REPLACE_MINUTES, List.of(step)));
                case REPAIR -> lines.add(new Line(RepairSetting.of(step), List.of(step)));
                default -> {
                    if (alone(step, steps)) {
                        lines.add(new Line(ScheduleSetting.STEP_MINUTES, List.of(step)));
                    }
                }
            }
        }
        return lines;
    }

    /** Whether no task of these steps has its minutes: a look at the band for itself takes its time too. */
    private static boolean alone(Step step, Collection<Step> steps) {
        return !WITHIN_OTHERS.contains(step)
                && Arrays.stream(Task.values())
                        .filter(task -> task.steps().stream().anyMatch(steps::contains))
                        .noneMatch(task ->
                                task.steps().contains(step) || task.company().contains(step));
    }

    private static Set<Stage> stages(Collection<Step> steps) {
        Set<Stage> stages = EnumSet.of(Stage.CLOSED);
        steps.forEach(step -> stages.addAll(stages(step)));
        return stages;
    }

    /** How far a step opens the saw; a strip-down opens all of it. */
    public static Set<Stage> stages(Step step) {
        return step == Step.STRIP_DOWN ? Task.STRIP_DOWN.stages() : Set.of(step.stage());
    }
}
