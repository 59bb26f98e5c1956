package yellowtally.core.schedule;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What falls due on a day, for a calendar (handbook section 10, projection).
 *
 * @param day never before the day on which it was asked
 * @param tasks in the order in which they were given; never empty
 */
public record DueDay(LocalDate day, List<TaskDue> tasks) {

    /** Farther ahead an estimate of use says nothing; in days. */
    public static final int DAYS_AHEAD = 90;

    public DueDay {
        tasks = List.copyOf(tasks);
    }

    /**
     * The days of one saw, first to last. What is due stands on today, and so does what was expected earlier and is not due yet: it is
     * due with the next use. A task that falls due with every single use stands on no day to come. What nobody can expect, and what is
     * expected more than {@link #DAYS_AHEAD} days ahead, is left out.
     *
     * @param today the day on which it is asked, in the fleet's zone
     */
    public static List<DueDay> of(List<TaskDue> tasks, LocalDate today) {
        Map<LocalDate, List<TaskDue>> byDay = new TreeMap<>();
        for (TaskDue task : tasks) {
            DueDate expected = task.expected();
            if (task.due()) {
                byDay.computeIfAbsent(today, day -> new ArrayList<>()).add(task);
            } else if (expected != null
                    && !task.everyTime()
                    && !expected.likely().isAfter(today.plusDays(DAYS_AHEAD))) {
                LocalDate day = expected.likely().isBefore(today) ? today : expected.likely();
                byDay.computeIfAbsent(day, d -> new ArrayList<>()).add(task);
            }
        }
        return byDay.entrySet().stream()
                .map(entry -> new DueDay(entry.getKey(), entry.getValue()))
                .toList();
    }
}
