package yellowtally.core.past;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.bar.NosePolicy;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.edge.Schools;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.UseUnit;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.OilerKind;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;

/**
 * One line that a notebook may have of a saw (handbook section 10).
 *
 * @param step what was done, or looked at
 * @param since what may be told of the time since, in this unit; {@code null} where the calendar alone counts
 * @param figures what may have been read then, each a figure that lasts
 */
public record PastLine(Step step, @Nullable UseUnit since, List<Measure> figures) {

    /**
     * What comes with every use, every time: tension, brake and look are proved before the saw goes out, and the rest is done at the
     * first visit anyway, so that an old entry of it says nothing.
     */
    private static final Set<Task> EVERY_TIME =
            EnumSet.of(Task.TENSION, Task.BRAKE, Task.OUTSIDE_LOOK, Task.FULL_CLEAN, Task.NOSE_GREASE);

    /** No task of their own, but figures that last. */
    private static final Set<Step> READ = EnumSet.of(Step.BRAKE_BAND, Step.RAILS, Step.CHAIN_LOOK);

    /** How the parts are, not what was done to them. */
    private static final Set<Measure> LASTING = EnumSet.of(
            Measure.BAND_THICKNESS,
            Measure.GROOVE_DEPTH,
            Measure.RAIL_DIFFERENCE,
            Measure.SHORTEST_CUTTER,
            Measure.FILED_SHORTEST,
            Measure.SPROCKET_WEAR,
            Measure.GAUGE_SETTING,
            Measure.EQUALISED_LENGTH);

    private static final Map<Step, PastLine> ALL = all();

    public PastLine {
        figures = List.copyOf(figures);
    }

    /** The lines of a saw, in the order of the hands. */
    public static List<PastLine> of(SawProfile saw) {
        return ALL.values().stream().filter(line -> line.step().appliesTo(saw)).toList();
    }

    /** The lines of a saw of this kind with a bar and a loop, before it has a profile of its own. */
    public static List<PastLine> of(Power power, boolean sparkArrestor) {
        return of(new SawProfile(
                power,
                OilerKind.AUTOMATIC_FIXED,
                sparkArrestor,
                false,
                NoseKind.SEALED_SPROCKET,
                NosePolicy.NEVER,
                Gauge.G_050,
                Pitch.P_325,
                null,
                false,
                Schools.STANDARD,
                null,
                null,
                null));
    }

    /** The line of a step; empty for a step of which nothing can be told. */
    public static Optional<PastLine> of(Step step) {
        return Optional.ofNullable(ALL.get(step));
    }

    private static Map<Step, PastLine> all() {
        Map<Step, PastLine> lines = new EnumMap<>(Step.class);
        for (Step step : Step.values()) {
            Optional<Task> task = Arrays.stream(Task.values())
                    .filter(one -> one.steps().get(0) == step && !EVERY_TIME.contains(one))
                    .findFirst();
            if (task.isPresent() || READ.contains(step)) {
                lines.put(
                        step,
                        new PastLine(
                                step,
                                task.flatMap(PastLine::countedIn).orElse(null),
                                LASTING.stream()
                                        .filter(measure -> measure.step() == step)
                                        .toList()));
            }
        }
        return lines;
    }

    /** The first of its limits that use makes, and not the calendar. */
    private static Optional<UseUnit> countedIn(Task task) {
        return task.limits().stream()
                .map(limit -> limit.unit())
                .filter(unit -> unit == UseUnit.TANKS || unit == UseUnit.OUTINGS || unit == UseUnit.SHARPENINGS)
                .findFirst();
    }
}
