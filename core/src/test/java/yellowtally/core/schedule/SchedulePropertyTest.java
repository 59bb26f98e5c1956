package yellowtally.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.day;
import static yellowtally.core.schedule.Uses.done;
import static yellowtally.core.schedule.Uses.outing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import yellowtally.core.log.StepEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;

/** What holds of every due date, whatever the saw did (handbook section 10). */
class SchedulePropertyTest {

    private static final SawProfile SAW = Profiles.petrol();

    private static List<StepEntry> allDone(int day) {
        List<StepEntry> done = new ArrayList<>();
        for (Step step : Step.values()) {
            done.add(done(day, step));
        }
        return done;
    }

    private static List<TaskDue> assess(List<UseEntry> uses, List<StepEntry> done, int onDay) {
        return Uses.ledger(SAW, uses, done).assess(day(onDay), Seasons.STANDARD, Numbers.STANDARD);
    }

    /** One outing more, whatever it went through, makes no task less due. */
    @Property(tries = 200)
    void moreUseNeverMakesATaskLessDue(
            @ForAll @Size(max = 12) List<@IntRange(min = 2, max = 38) Integer> days,
            @ForAll @IntRange(min = 2, max = 38) int more,
            @ForAll @DoubleRange(max = 6) double tanks,
            @ForAll Condition condition) {
        List<UseEntry> uses = new ArrayList<>();
        days.forEach(day -> uses.add(outing(day, 1)));
        List<TaskDue> before = assess(uses, allDone(1), 40);
        uses.add(outing(more, tanks, condition));
        List<TaskDue> after = assess(uses, allDone(1), 40);
        assertThat(after).hasSameSizeAs(before);
        for (TaskDue due : before) {
            assertThat(Uses.of(after, due.task()).fraction())
                    .as(due.task().toString())
                    .isGreaterThanOrEqualTo(due.fraction() - 1e-9);
        }
    }

    /** A day later no task is less due. */
    @Property(tries = 200)
    void timeNeverMakesATaskLessDue(
            @ForAll @Size(max = 12) List<@IntRange(min = 2, max = 38) Integer> days,
            @ForAll @IntRange(min = 40, max = 400) int today) {
        List<UseEntry> uses = new ArrayList<>();
        days.forEach(day -> uses.add(outing(day, 1)));
        List<TaskDue> tomorrow = assess(uses, allDone(1), today + 1);
        for (TaskDue due : assess(uses, allDone(1), today)) {
            assertThat(Uses.of(tomorrow, due.task()).fraction())
                    .as(due.task().toString())
                    .isGreaterThanOrEqualTo(due.fraction() - 1e-9);
        }
    }

    /** The order in which records are read back does not matter: an account rebuilt from storage is the same account. */
    @Property(tries = 100)
    void rebuildsFromRecordsInAnyOrder(@ForAll long seed) {
        List<UseEntry> uses = new ArrayList<>();
        List<StepEntry> done = allDone(1);
        for (int i = 2; i < 30; i++) {
            uses.add(outing(i, 0.5 + i % 3, Condition.values()[i % 5]));
            done.add(done(i, Step.values()[i]));
        }
        List<TaskDue> running = assess(uses, done, 40);
        Collections.shuffle(uses, new Random(seed));
        Collections.shuffle(done, new Random(seed));
        assertThat(assess(uses, done, 40)).isEqualTo(running);
    }
}
