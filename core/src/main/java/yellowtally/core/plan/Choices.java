package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The courses that are worth trying for one saw, the best first: no visit, one, and a second where the first leaves something that falls
 * due within the plan. In a short plan all that there are.
 */
final class Choices {

    /** With so few days every set of visits is tried. */
    private static final int SHORT_PLAN = 4;

    private static final Comparator<Course> BEST_FIRST =
            Comparator.comparingLong(Course::cost).thenComparingInt(Course::visits);

    private final Courses courses;
    private final Times times;
    private final Map<Long, List<Course>> known = new HashMap<>();

    Choices(Courses courses, Times times) {
        this.courses = courses;
        this.times = times;
    }

    /** For these bookings; empty when the saw cannot serve them. */
    List<Course> serving(long bookings) {
        return known.computeIfAbsent(bookings, this::worthTrying);
    }

    private List<Course> worthTrying(long bookings) {
        List<Course> found = new ArrayList<>();
        if (times.days() <= SHORT_PLAN) {
            for (int visits = 0; visits < 1 << times.days(); visits++) {
                add(found, visits, bookings);
            }
        } else {
            stretch(found, courses.pinned(), 0, bookings, bookings);
        }
        found.sort(BEST_FIRST);
        return List.copyOf(found);
    }

    /** At most one visit before each booking, and what comes after the last. */
    private void stretch(List<Course> found, int visits, int firstDay, long left, long bookings) {
        if (left == 0) {
            afterAll(found, visits, firstDay, bookings);
            return;
        }
        Times.Trip trip = times.trips().get(Long.numberOfTrailingZeros(left));
        long rest = left & left - 1;
        stretch(found, visits, trip.until() + 1, rest, bookings);
        for (int day = firstDay; day <= trip.lastDay(); day++) {
            if (free(day, visits)) {
                stretch(found, visits | 1 << day, trip.until() + 1, rest, bookings);
            }
        }
    }

    private void afterAll(List<Course> found, int visits, int firstDay, long bookings) {
        add(found, visits, bookings);
        for (int day = firstDay; day < times.days(); day++) {
            if (free(day, visits)
                    && add(found, visits | 1 << day, bookings)
                    && leavesSomething(visits | 1 << day, bookings)) {
                for (int second = day + 1; second < times.days(); second++) {
                    if (free(second, visits)) {
                        add(found, visits | 1 << day | 1 << second, bookings);
                    }
                }
            }
        }
    }

    private boolean free(int day, int visits) {
        return (visits & 1 << day) == 0 && (times.benchDays() & 1 << day) != 0;
    }

    private boolean leavesSomething(int visits, long bookings) {
        return courses.with(visits, bookings).filter(Course::leavesWork).isPresent();
    }

    private boolean add(List<Course> found, int visits, long bookings) {
        if ((visits & courses.pinned()) != courses.pinned()) {
            return false;
        }
        return courses.with(visits, bookings).map(found::add).orElse(false);
    }
}
