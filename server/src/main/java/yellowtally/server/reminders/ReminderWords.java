package yellowtally.server.reminders;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.plan.Booking;
import yellowtally.core.plan.Plan;
import yellowtally.core.reminders.Reminder;
import yellowtally.server.sheets.Words;

/** What a mail says. */
@Component
class ReminderWords {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

    private final Words words = Words.ofScreens();

    /** In a sentence. */
    String of(Reminder said, Pressing.Now now) {
        return switch (said.kind()) {
            case BOOKING_SHORT -> ofBooking(said, now);
            case STOCK_SHORT ->
                "Saw " + said.about() + " waits for " + what(said) + ": it is not there "
                        + (said.day() == null ? "and nobody can say when it comes." : "on " + day(said.day()) + ".");
            case AWAY_OVERDUE ->
                "Saw " + said.about() + " was expected back from " + what(said) + " on " + day(said.day()) + ".";
            case PARTS_OVERDUE -> what(said) + " expected back from " + said.about() + " on " + day(said.day()) + ".";
            case SOAK_TONIGHT ->
                "This evening into the oil: " + what(said) + ", for saw " + said.about() + ", wanted on "
                        + day(said.day()) + ".";
            case DUE_TOMORROW ->
                "Saw " + said.about() + ", due on " + day(said.day()) + " (est.): "
                        + said.tasks().stream()
                                .map(task -> words.of("task", task).toLowerCase(Locale.ROOT))
                                .collect(Collectors.joining(", "))
                        + ".";
        };
    }

    private static String ofBooking(Reminder said, Pressing.Now now) {
        Plan.BookingAnswer answer = now.bookings().get(said.about());
        String crew = now.crews().getOrDefault(said.about(), "A crew");
        if (answer == null) {
            return crew + " is " + said.missing() + " short on " + day(said.day()) + ".";
        }
        Booking booking = answer.booking();
        return crew + ", " + day(booking.leaves()) + " at " + booking.at() + ": " + said.missing() + " of "
                + booking.wanted().saws() + " saws short. The plan says what would still help.";
    }

    private static String what(Reminder said) {
        return said.what() == null ? "a part" : said.what();
    }

    private static String day(@Nullable LocalDate day) {
        return DAY.format(Objects.requireNonNull(day));
    }
}
