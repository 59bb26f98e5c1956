package yellowtally.core.reminders;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowtally.core.plan.BackFromAway;
import yellowtally.core.plan.Plan;
import yellowtally.core.plan.Until.WaitCause;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.TaskDue;

/** What has to be told of a plan and a fleet (handbook sections 3 and 10). */
public final class Reminders {

    private static final Comparator<Reminder> MOST_PRESSING_FIRST = Comparator.comparing(Reminder::kind)
            .thenComparing(Reminder::day, Comparator.nullsFirst(Comparator.naturalOrder()))
            .thenComparing(Reminder::about);

    private Reminders() {}

    /**
     * A saw of the fleet.
     *
     * @param tasks where every task stands
     * @param away who has it; {@code null} while it is here
     * @param expectedOn when it is expected back; {@code null} when it is here or nobody said
     */
    public record SawNow(
            String tag,
            List<TaskDue> tasks,
            @Nullable String away,
            @Nullable LocalDate expectedOn) {

        public SawNow {
            tasks = List.copyOf(tasks);
        }
    }

    /** A part that somebody else has. */
    public record PartGone(
            String part, String who, @Nullable LocalDate expectedOn) {}

    /** A new loop that a gang takes along as a spare for a saw, and when it leaves. */
    public record SpareSoak(String saw, String loop, LocalDate leaves) {}

    /** All of them, the most pressing first. */
    public static List<Reminder> of(
            Plan plan,
            Collection<SpareSoak> spares,
            Collection<SawNow> saws,
            Collection<PartGone> parts,
            LocalDate today) {
        List<Reminder> found = new ArrayList<>();
        for (Plan.BookingAnswer answer : plan.bookings()) {
            if (!answer.met()) {
                found.add(new Reminder(
                        ReminderKind.BOOKING_SHORT,
                        answer.booking().id().toString(),
                        answer.booking().leaves(),
                        null,
                        answer.missing(),
                        List.of()));
            }
        }
        Set<String> waiting = new HashSet<>();
        for (Plan.PinNotKept pin : plan.notKept()) {
            if (pin.why().cause() == WaitCause.PART && waiting.add(pin.tag())) {
                found.add(of(
                        ReminderKind.STOCK_SHORT,
                        pin.tag(),
                        pin.day(),
                        pin.why().what()));
            }
        }
        for (Plan.LeftSaw left : plan.left()) {
            if (left.why().cause() == WaitCause.PART && waiting.add(left.tag())) {
                found.add(of(
                        ReminderKind.STOCK_SHORT, left.tag(), null, left.why().what()));
            }
        }
        for (Plan.Day day : plan.days()) {
            for (Plan.PlannedVisit visit : day.visits()) {
                if (visit.soaks() != null && day.day().equals(today.plusDays(1))) {
                    found.add(of(ReminderKind.SOAK_TONIGHT, visit.tag(), day.day(), visit.soaks()));
                }
            }
        }
        for (SpareSoak spare : spares) {
            if (spare.leaves().equals(today.plusDays(1))) {
                found.add(of(ReminderKind.SOAK_TONIGHT, spare.saw(), spare.leaves(), spare.loop() + " as a spare"));
            }
        }
        saws.forEach(saw -> addOf(saw, today, found));
        addOverdue(parts, today, found);
        found.sort(MOST_PRESSING_FIRST);
        return List.copyOf(found);
    }

    private static Reminder of(ReminderKind kind, String tag, @Nullable LocalDate day, @Nullable String what) {
        return new Reminder(kind, tag, day, what, 0, List.of());
    }

    /** What went together is told together. */
    private static void addOverdue(Collection<PartGone> parts, LocalDate today, List<Reminder> found) {
        Map<String, Map<LocalDate, List<String>>> overdue = new TreeMap<>();
        for (PartGone part : parts) {
            LocalDate expected = part.expectedOn();
            if (expected != null && BackFromAway.overdue(expected, today)) {
                overdue.computeIfAbsent(part.who(), who -> new TreeMap<>())
                        .computeIfAbsent(expected, day -> new ArrayList<>())
                        .add(part.part());
            }
        }
        overdue.forEach((who, days) -> days.forEach((day, tags) -> found.add(
                of(ReminderKind.PARTS_OVERDUE, who, day, tags.stream().sorted().collect(Collectors.joining(", "))))));
    }

    private static void addOf(SawNow saw, LocalDate today, List<Reminder> found) {
        if (saw.away() != null) {
            // What falls due while somebody else has it nobody here can do.
            if (BackFromAway.overdue(saw.expectedOn(), today)) {
                found.add(of(ReminderKind.AWAY_OVERDUE, saw.tag(), saw.expectedOn(), saw.away()));
            }
            return;
        }
        LocalDate tomorrow = today.plusDays(1);
        List<Task> due = saw.tasks().stream()
                .filter(task -> dueOn(task, tomorrow))
                .map(TaskDue::task)
                .sorted()
                .toList();
        if (!due.isEmpty()) {
            found.add(new Reminder(ReminderKind.DUE_TOMORROW, saw.tag(), tomorrow, null, 0, due));
        }
    }

    /** What comes with every use is no news. */
    private static boolean dueOn(TaskDue task, LocalDate day) {
        return !task.due()
                && !task.everyTime()
                && task.expected() != null
                && task.expected().likely().equals(day);
    }
}
