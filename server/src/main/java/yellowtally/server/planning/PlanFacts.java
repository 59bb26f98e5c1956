package yellowtally.server.planning;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import yellowtally.core.plan.Booking;

/**
 * What people have said that the plan stands on, as values: bookings, minutes, wishes.
 *
 * @param bookings what stands, with their notes
 * @param byDay minutes of each bench on days that are not as usual
 * @param byWeekday minutes of each bench on days of the week, 1 for Monday, where they are not as usual
 * @param wishes by tag; a day, or no day to leave the saw out
 */
record PlanFacts(
        List<Noted> bookings,
        Map<LocalDate, Minutes> byDay,
        Map<Integer, Double> byWeekday,
        Map<String, Optional<LocalDate>> wishes) {

    PlanFacts {
        bookings = List.copyOf(bookings);
        byDay = Map.copyOf(byDay);
        byWeekday = Map.copyOf(byWeekday);
        wishes = Map.copyOf(wishes);
    }

    /** A booking and what was noted with it. */
    record Noted(Booking booking, @Nullable String note) {}

    /** Minutes of each bench on a day, and why. */
    record Minutes(double minutes, @Nullable String note) {}

    /** Minutes of each bench on a day. */
    double minutesOn(LocalDate day, double usual) {
        Minutes said = byDay.get(day);
        return said != null
                ? said.minutes()
                : byWeekday.getOrDefault(day.getDayOfWeek().getValue(), usual);
    }

    /** Days on which the officer wants each saw, from the first day of a plan. */
    Map<String, Set<Integer>> pins(LocalDate today) {
        Map<String, Set<Integer>> pins = new HashMap<>();
        wishes.forEach((tag, day) -> day.filter(on -> !on.isBefore(today))
                .ifPresent(on -> pins.computeIfAbsent(tag, t -> new TreeSet<>())
                        .add((int) (on.toEpochDay() - today.toEpochDay()))));
        return pins;
    }

    /** Tags of saws that are left out. */
    Set<String> leftOut() {
        Set<String> tags = new TreeSet<>();
        wishes.forEach((tag, day) -> {
            if (day.isEmpty()) {
                tags.add(tag);
            }
        });
        return tags;
    }
}
