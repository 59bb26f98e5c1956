package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import yellowtally.core.plan.Load.Lying;

/** A plan while it is made: the course of each saw, what lies on the benches, and how good that is. */
final class Draft {

    private static final double TENTHS = 10;

    private final PlanQuestion question;
    private final List<Courses> saws;
    private final List<Course> taken = new ArrayList<>();
    private final int[] filled;
    private final Load load;
    private final Map<Integer, Integer> daysBefore = new HashMap<>();
    private final Map<Integer, Long> bookingsBefore = new HashMap<>();
    private int places;
    private int doubtful;
    private int close;
    private int urgentDays;
    private long overdue;
    private double minutes;
    private int moved;

    /** Nothing planned: no saw is on the bench, but where the officer has put it. */
    Draft(PlanQuestion question, List<Courses> saws) {
        this.question = question;
        this.saws = saws;
        this.filled = new int[question.bookings().size()];
        this.load = new Load(question);
        for (int i = 0; i < saws.size(); i++) {
            Courses courses = saws.get(i);
            PlanQuestion.Kept before = question.before().get(courses.saw().tag());
            if (before != null) {
                daysBefore.put(i, bits(before.days()));
                bookingsBefore.put(i, bookings(question, before.bookings()));
            }
            taken.add(courses.with(courses.pinned(), 0).orElseThrow());
            count(i, taken.get(i), 1);
        }
    }

    static int bits(Set<Integer> days) {
        int bits = 0;
        for (int day : days) {
            if (day >= 0 && day < Times.MOST) {
                bits |= 1 << day;
            }
        }
        return bits;
    }

    Course course(int saw) {
        return taken.get(saw);
    }

    Load load() {
        return load;
    }

    /** Whether a booking has all its saws. */
    boolean met(int booking) {
        return filled[booking] >= question.bookings().get(booking).wanted().saws();
    }

    /** Gives a saw another course, whether it fits or not. */
    void take(int saw, Course course) {
        count(saw, taken.get(saw), -1);
        taken.set(saw, course);
        count(saw, course, 1);
    }

    private void count(int saw, Course course, int sign) {
        for (long left = course.bookings(); left != 0; left &= left - 1) {
            filled[Long.numberOfTrailingZeros(left)] += sign;
        }
        int serves = Long.bitCount(course.bookings());
        places += sign * serves;
        doubtful += saws.get(saw).saw().doubtful() ? sign * serves : 0;
        close += sign * course.close();
        urgentDays += sign * course.urgentDays();
        overdue += sign * course.overdue();
        minutes += sign * course.minutes();
        moved += sign * moved(saw, course);
        for (Stop stop : course.stops()) {
            if (sign > 0) {
                load.add(
                        stop.day(), new Lying(saw, stop.minutes(), saws.get(saw).isPinned(stop.day())));
            } else {
                load.remove(stop.day(), saw);
            }
        }
    }

    static long bookings(PlanQuestion question, Set<UUID> ids) {
        long bits = 0;
        for (int b = 0; b < question.bookings().size(); b++) {
            bits |= ids.contains(question.bookings().get(b).id()) ? 1L << b : 0;
        }
        return bits;
    }

    /** Visits of the plan of before that are on another day now, and bookings that get another saw. */
    int moved(int saw, Course course) {
        return Integer.bitCount(daysBefore.getOrDefault(saw, 0) & ~course.visits())
                + Long.bitCount(bookingsBefore.getOrDefault(saw, 0L) & ~course.bookings());
    }

    /** Whether the days of a course have room for it, as things lie. */
    boolean fits(int saw, Course course) {
        Course now = taken.get(saw);
        if (now.sameAs(course)) {
            return true;
        }
        boolean sure = true;
        for (Stop stop : course.stops()) {
            boolean pinned = saws.get(saw).isPinned(stop.day());
            double had = now.minutesOn(stop.day());
            if (pinned && stop.minutes() <= had) {
                continue;
            }
            Load.Room room = load.room(stop.day(), new Lying(saw, stop.minutes(), pinned), had);
            if (room == Load.Room.NO && !pinned) {
                return false;
            }
            // A pinned visit that grows does so beside other pinned ones alone.
            sure &= room == Load.Room.YES;
        }
        if (sure) {
            return true;
        }
        take(saw, course);
        boolean fits = tooFull(course) < 0;
        take(saw, now);
        return fits;
    }

    /** A day of this course that is too full; -1 when none is. */
    int tooFull(Course course) {
        for (Stop stop : course.stops()) {
            if (!load.fits(stop.day())) {
                return stop.day();
            }
        }
        return -1;
    }

    Score score() {
        int met = 0;
        for (int b = 0; b < filled.length; b++) {
            met += met(b) ? 1 : 0;
        }
        return new Score(met, places, doubtful, close, urgentDays, overdue, tenths(minutes), moved);
    }

    static long tenths(double minutes) {
        return Math.round(TENTHS * minutes);
    }

    /** The courses as they are, to come back to. */
    List<Course> kept() {
        return List.copyOf(taken);
    }

    void restore(List<Course> courses) {
        for (int i = 0; i < courses.size(); i++) {
            if (!taken.get(i).sameAs(courses.get(i))) {
                take(i, courses.get(i));
            }
        }
    }
}
