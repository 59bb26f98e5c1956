package yellowtally.core.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DueDayTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 1);

    private static TaskDue task(Task task, double used, double limit, @Nullable Integer inDays) {
        LocalDate likely = inDays == null ? null : TODAY.plusDays(inDays);
        return new TaskDue(
                task,
                List.of(new LimitUse(UseUnit.TANKS, used, used, limit, Set.of())),
                Set.of(),
                null,
                likely == null ? null : new DueDate(likely.minusDays(2), likely, likely.plusDays(4)),
                true,
                false,
                false);
    }

    @ParameterizedTest
    @CsvSource({
        // Used, limit, expected in days, on the calendar in days.
        "5,   5,   ,   0",
        "7,   5,   3,  0",
        "4,   5,   3,  3",
        "4,   5,  -2,  0",
        "0,  40,  90, 90",
        "0,  40,  91,   ",
        "4,   5,    ,   ",
        "0.5, 1,   1,   ",
        "1,   1,    ,  0",
    })
    void whatIsDueStandsOnTodayAndTheRestWhereItIsExpected(
            double used, double limit, @Nullable Integer inDays, @Nullable Integer stands) {
        List<DueDay> days = DueDay.of(List.of(task(Task.SHARPEN, used, limit, inDays)), TODAY);
        if (stands == null) {
            assertThat(days).isEmpty();
        } else {
            assertThat(days).extracting(DueDay::day).containsExactly(TODAY.plusDays(stands));
        }
    }

    @Test
    void oneDayHasAllThatFallsDueOnItAndDaysComeInOrder() {
        List<DueDay> days = DueDay.of(
                List.of(
                        task(Task.PLUG, 10, 40, 9),
                        task(Task.SHARPEN, 3, 3, null),
                        task(Task.AIR_FILTER, 2, 5, 9),
                        task(Task.BRAKE, 1, 1, null)),
                TODAY);
        assertThat(days).extracting(DueDay::day).containsExactly(TODAY, TODAY.plusDays(9));
        assertThat(days.get(0).tasks()).extracting(TaskDue::task).containsExactly(Task.SHARPEN, Task.BRAKE);
        assertThat(days.get(1).tasks()).extracting(TaskDue::task).containsExactly(Task.PLUG, Task.AIR_FILTER);
    }

    /** More use never moves a day back. */
    @Test
    void noTaskStandsOnADayThatIsOverOrTwice() {
        List<TaskDue> all = IntStream.range(-50, 200)
                .mapToObj(day -> task(Task.values()[Math.floorMod(day, Task.values().length)], 1, 40, day))
                .toList();
        List<DueDay> days = DueDay.of(all, TODAY);
        assertThat(days).isSortedAccordingTo((one, other) -> one.day().compareTo(other.day()));
        assertThat(days).extracting(DueDay::day).doesNotHaveDuplicates().allMatch(day -> !day.isBefore(TODAY));
        assertThat(days.stream().mapToInt(day -> day.tasks().size()).sum()).isEqualTo((int) all.stream()
                .filter(task -> !task.expected().likely().isAfter(TODAY.plusDays(DueDay.DAYS_AHEAD)))
                .count());
    }
}
