package yellowtally.server.calendar;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import yellowtally.core.schedule.DueDate;
import yellowtally.core.schedule.DueDay;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.waiting.FitState;
import yellowtally.server.sheets.Words;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;

/** What falls due, as iCalendar (RFC 5545): a whole day for each saw and day, with its tasks. */
@Component
class DueCalendar {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
    private static final String AND = ", ";
    private static final String LINE = "\n";

    private final Standings standings;
    private final Clock clock;
    private final Words words = Words.ofScreens();

    DueCalendar(Standings standings, Clock clock) {
        this.standings = standings;
        this.clock = clock;
    }

    /** All saws in service. */
    @Transactional(readOnly = true)
    public String file() {
        LocalDate today = LocalDate.now(clock);
        CalendarFile calendar = new CalendarFile("Saws due", clock.instant());
        for (Standing standing : standings.all()) {
            for (DueDay day : DueDay.of(standing.account().tasks(), today)) {
                calendar.add(event(standing, day), standing.fitted().saw().id() + "-" + day.day());
            }
        }
        return calendar.text();
    }

    private VEvent event(Standing standing, DueDay day) {
        String tag = standing.fitted().saw().tag();
        String held = standing.account().state() == FitState.HELD ? ", held" : "";
        String tasks = day.tasks().stream().map(this::task).collect(Collectors.joining(AND));
        VEvent event = new VEvent(day.day(), day.day().plusDays(1), "Saw " + tag + held + ": " + tasks);
        event.withProperty(
                new Description(day.tasks().stream().map(this::explained).collect(Collectors.joining(LINE))));
        return event;
    }

    private String task(TaskDue task) {
        return words.of("task", task.task());
    }

    private String explained(TaskDue task) {
        DueDate expected = task.expected();
        return expected == null || task.due()
                ? task(task) + ": due"
                : task(task) + ": expected " + DAY.format(expected.likely()) + ", between "
                        + DAY.format(expected.early()) + " and " + DAY.format(expected.late()) + " (est.)";
    }
}
