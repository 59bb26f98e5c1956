package yellowtally.core.reminders;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.Task;

/**
 * Something to be told. Two that are equal say the same: it is told once.
 *
 * @param about the tag of the saw, the id of the booking, or who has parts
 * @param day on which it matters; {@code null} when nobody can say
 * @param what the part or parts, the loop, or who has the saw; {@code null} where the kind tells all
 * @param missing saws that a booking is short, 0 otherwise
 * @param tasks that fall due, in the order of the schedule
 */
public record Reminder(
        ReminderKind kind,
        String about,
        @Nullable LocalDate day,
        @Nullable String what,
        int missing,
        List<Task> tasks) {

    public Reminder {
        tasks = List.copyOf(tasks);
    }
}
