package yellowtally.core.schedule;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.log.Told;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;

/** Records that tests of several rooms use. Day 0 is the day in service; tests look at day 40 unless they say. */
public final class Uses {

    public static final LocalDate START = LocalDate.of(2026, 1, 5);
    private static final Set<Subject> ALL = EnumSet.allOf(Subject.class);

    private Uses() {}

    public static LocalDate day(int day) {
        return START.plusDays(day);
    }

    public static Instant at(int day, int hour) {
        return day(day).atTime(hour, 0).toInstant(ZoneOffset.UTC);
    }

    /** A day's outing that came back at four. */
    public static UseEntry outing(int day, double tanks, Condition... conditions) {
        return outing(day, tanks, Set.of(conditions), Set.of());
    }

    public static UseEntry outing(int day, double tanks, Set<Condition> conditions, Set<DueEvent> events) {
        return new UseEntry(at(day, 16), day(day), day(day), tanks, conditions, events, null, ALL);
    }

    /** A step done at seven in the evening of a day. */
    public static StepEntry done(int day, Step step) {
        return new StepEntry(0, step, at(day, 19), day(day), StepOutcome.FINE, Set.of(), "visit " + day, ALL);
    }

    /** The same at noon, told on another day with what was used by then since; {@code null} while nobody knows. */
    public static StepEntry told(int day, Step step, int on, @Nullable Double since) {
        return new StepEntry(
                0, step, at(day, 12), day(day), StepOutcome.FINE, Set.of(), null, ALL, new Told(day(on), since));
    }

    public static ScheduleLedger ledger(SawProfile saw, List<UseEntry> uses, List<StepEntry> done) {
        return new ScheduleLedger(saw, START, uses, SawLog.of(done), List.of(), null);
    }

    public static TaskDue of(List<TaskDue> tasks, Task task) {
        return tasks.stream().filter(t -> t.task() == task).findFirst().orElseThrow();
    }
}
