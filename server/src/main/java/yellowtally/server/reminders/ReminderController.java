package yellowtally.server.reminders;

import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.plan.Plan;
import yellowtally.core.reminders.Reminder;
import yellowtally.core.reminders.ReminderKind;
import yellowtally.core.schedule.Task;

/** What has to be told now, and the mail that told it. */
@RestController
class ReminderController {

    private static final int MAILS = 30;

    private final Pressing pressing;
    private final ReminderTold.Told told;
    private final Outbox outbox;

    ReminderController(Pressing pressing, ReminderTold.Told told, Outbox outbox) {
        this.pressing = pressing;
        this.told = told;
        this.outbox = outbox;
    }

    /** All of it, and the newest mails. */
    record RemindersPage(List<ReminderView> reminders, List<Outbox.Mail> mails) {}

    /**
     * Something to be told.
     *
     * @param about the tag of the saw, or the id of the booking
     * @param booking which booking is short; absent for a saw
     * @param toldAt since when it has been told; absent until the next look
     */
    record ReminderView(
            ReminderKind kind,
            String about,
            @Nullable LocalDate day,
            @Nullable String what,
            int missing,
            List<Task> tasks,
            @Nullable ShortBooking booking,
            @Nullable Instant toldAt) {}

    /** A booking that lacks saws. */
    record ShortBooking(String crew, LocalTime at, int saws) {}

    @GetMapping("/api/reminders")
    @Transactional(readOnly = true)
    RemindersPage reminders() throws IOException {
        Map<Reminder, Instant> since = new HashMap<>();
        told.findByOverAtNull().forEach(one -> since.put(one.said(), one.toldAt()));
        Pressing.Now now = pressing.now();
        return new RemindersPage(
                now.reminders().stream()
                        .map(reminder -> new ReminderView(
                                reminder.kind(),
                                reminder.about(),
                                reminder.day(),
                                reminder.what(),
                                reminder.missing(),
                                reminder.tasks(),
                                booking(reminder, now),
                                since.get(reminder)))
                        .toList(),
                outbox.newest(MAILS));
    }

    private static @Nullable ShortBooking booking(Reminder reminder, Pressing.Now now) {
        Plan.BookingAnswer answer = now.bookings().get(reminder.about());
        return answer == null
                ? null
                : new ShortBooking(
                        now.crews().getOrDefault(reminder.about(), ""),
                        answer.booking().at(),
                        answer.booking().wanted().saws());
    }
}
