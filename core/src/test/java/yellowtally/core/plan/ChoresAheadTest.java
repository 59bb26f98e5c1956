package yellowtally.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.day;
import static yellowtally.core.schedule.Uses.done;
import static yellowtally.core.schedule.Uses.outing;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import yellowtally.core.log.StepEntry;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.schedule.Uses;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.VisitPlan;
import yellowtally.core.waiting.FindingHolds;
import yellowtally.core.waiting.TaskWaits;
import yellowtally.core.waiting.TaskWaits.TaskMatter;
import yellowtally.core.waiting.Waiting;

class ChoresAheadTest {

    private static List<Waiting> waiting(List<TaskDue> tasks) {
        List<Waiting> work = new ArrayList<>();
        tasks.stream().filter(TaskDue::due).forEach(task -> work.add(TaskWaits.of(TaskMatter.TASK_DUE, task)));
        return work;
    }

    private static List<TaskDue> tasks(SawProfile saw, List<UseEntry> uses, List<StepEntry> done) {
        ScheduleLedger ledger = Uses.ledger(saw, uses, done);
        return ledger.assess(day(40), Seasons.STANDARD, Numbers.STANDARD);
    }

    private static List<StepEntry> allDone(int day) {
        List<StepEntry> done = new ArrayList<>();
        for (Step step : Step.values()) {
            done.add(done(day, step));
        }
        return done;
    }

    /** One rule for both: a visit today costs in the plan what it costs at the bench, whatever the saw went through. */
    @Test
    void aVisitTodayCostsWhatTheBenchSays() {
        Random random = new Random(11);
        for (int i = 0; i < 200; i++) {
            List<UseEntry> uses = new ArrayList<>();
            for (int outing = random.nextInt(6); outing > 0; outing--) {
                uses.add(outing(31 + random.nextInt(9), 0.5 + random.nextInt(8) / 2.0));
            }
            SawProfile saw = random.nextBoolean() ? Profiles.petrol() : Profiles.battery();
            List<TaskDue> tasks = tasks(saw, uses, allDone(random.nextInt(31)));
            List<Waiting> work = waiting(tasks);
            if (random.nextInt(3) == 0) {
                work.add(FindingHolds.of(Finding.CATCHER_BROKEN, List.of()));
            }
            VisitPlan visit = VisitPlan.of(saw, tasks, work, Numbers.STANDARD);
            List<Chore> now =
                    ChoresAhead.of(tasks, work, visit, Until.NOW, Until.NOW, day(40), Numbers.STANDARD).stream()
                            .filter(chore -> chore.due() <= 0)
                            .toList();
            double bench = work.isEmpty() ? 0 : visit.bill().totalMinutes();
            assertThat(Courses.minutes(now, Numbers.STANDARD)).as("fleet %d", i).isEqualTo(bench);
        }
    }

    /** Half a tank a day leaves 20 of the plug's 40 tanks: due in 40 days; worth doing with the filter from the share 0.7 on. */
    @Test
    void whatIsExpectedLaterComesOnItsDay() {
        List<UseEntry> uses = new ArrayList<>();
        for (int day = 1; day <= 40; day++) {
            uses.add(outing(day, 0.5));
        }
        List<TaskDue> tasks = tasks(Profiles.petrol(), uses, allDone(0));
        VisitPlan visit = VisitPlan.of(Profiles.petrol(), tasks, waiting(tasks), Numbers.STANDARD);
        Chore plug =
                ChoresAhead.of(tasks, waiting(tasks), visit, Until.NOW, Until.NOW, day(40), Numbers.STANDARD).stream()
                        .filter(chore -> chore.task() == Task.PLUG)
                        .findFirst()
                        .orElseThrow();
        assertThat(plug.due()).isEqualTo(40);
        assertThat(plug.from()).as("0.2 of 40 tanks more, at half a tank a day").isEqualTo(16);
    }

    /** Nothing is due while it is out; back on the third day, it gets what every use asks for, and the plug is as far as before. */
    @Test
    void aSawThatIsOutComesBackFromUse() {
        List<TaskDue> tasks = tasks(Profiles.petrol(), List.of(outing(20, 1)), allDone(39));
        VisitPlan visit = VisitPlan.of(Profiles.petrol(), tasks, waiting(tasks), Numbers.STANDARD);
        Until out = new Until(Until.WaitCause.OUT, 3, "Tunnel gang");
        List<Chore> chores = ChoresAhead.of(tasks, waiting(tasks), visit, out, Until.NOW, day(40), Numbers.STANDARD);
        assertThat(chores.stream().filter(chore -> chore.due() <= 2)).isEmpty();
        assertThat(chores.stream().filter(chore -> chore.due() == 3).map(Chore::task))
                .contains(Task.TENSION, Task.BRAKE)
                .doesNotContain(Task.PLUG);
    }
}
