package yellowtally.server.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import yellowtally.core.schedule.Family;
import yellowtally.core.schedule.LimitUse;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.schedule.UseUnit;

class FamilyTalliesTest {

    private static TaskDue task(Task task, double used, double limit) {
        return new TaskDue(
                task,
                List.of(new LimitUse(UseUnit.TANKS, used, used, limit, Set.of())),
                Set.of(),
                null,
                null,
                false,
                false,
                false);
    }

    @Test
    void drawsTheTaskNearestToItsLimit() {
        assertThat(FamilyTallies.of(List.of(task(Task.PLUG, 30, 40), task(Task.AIR_FILTER, 4, 5))))
                .extracting(FamilyTallies.Tally::task)
                .containsExactly(Task.AIR_FILTER);
    }

    @Test
    void whatNobodyKnowsHidesNothingThatIsKnown() {
        LimitUse nought = new LimitUse(UseUnit.TANKS, 0, 0, 20, Set.of());
        TaskDue unknown = new TaskDue(Task.BEARING, List.of(nought), Set.of(), null, null, true, true, false);
        assertThat(FamilyTallies.of(List.of(unknown, task(Task.GROOVE_FLIP, 0, 1))))
                .extracting(FamilyTallies.Tally::task)
                .containsExactly(Task.GROOVE_FLIP);
        assertThat(FamilyTallies.of(List.of(unknown)))
                .singleElement()
                .satisfies(tally -> assertThat(tally.unknown()).isTrue());
    }

    @Test
    void whatIsDueAfterEveryOutingHidesNothingThatLasts() {
        List<FamilyTallies.Tally> tallies = FamilyTallies.of(
                List.of(task(Task.FULL_CLEAN, 1, 1), task(Task.OIL_CARD, 2, 5), task(Task.BRAKE, 1, 1)));
        assertThat(tallies).extracting(FamilyTallies.Tally::task).containsExactly(Task.OIL_CARD, Task.BRAKE);
        assertThat(tallies).extracting(FamilyTallies.Tally::family).containsExactly(Family.OILING, Family.BRAKE);
    }
}
