package yellowtally.core.plan;

import java.util.List;

/**
 * How the days of a plan go for one saw: on which days it is on the bench, which bookings it serves, and what that costs.
 *
 * @param visits days on which it is on the bench, bit by bit
 * @param bookings bookings that it serves, by their place in the plan, bit by bit; it is fit for each of them
 * @param close of them, those for which it is ready only with the last bench day before
 * @param urgentDays days on which it waits held, or overdue in safety
 * @param overdue days that its other work waits, by how far it is over, in hundredths
 * @param minutes of all its visits
 * @param leavesWork whether something that falls due within the plan is left
 */
record Course(
        int visits,
        long bookings,
        List<Stop> stops,
        int close,
        int urgentDays,
        long overdue,
        double minutes,
        boolean leavesWork) {

    private static final int OF_URGENT = 10;
    private static final int OF_OVERDUE = 24;
    private static final int OF_MINUTES = 16;

    Course {
        stops = List.copyOf(stops);
    }

    /**
     * What it costs in one number, in the order of {@link Score}: the costs of a few saws may be added up and compared, since none of them
     * runs over into what counts more.
     */
    long cost() {
        long cost = ((long) close << OF_URGENT) + urgentDays;
        return (((cost << OF_OVERDUE) + overdue) << OF_MINUTES) + Draft.tenths(minutes);
    }

    /** Whether it is the same of the same saw. */
    boolean sameAs(Course other) {
        return visits == other.visits && bookings == other.bookings;
    }

    boolean on(int day) {
        return (visits & 1 << day) != 0;
    }

    boolean serves(int booking) {
        return (bookings & 1L << booking) != 0;
    }

    /** Minutes on a day, zero when it is not on the bench then. */
    double minutesOn(int day) {
        for (Stop stop : stops) {
            if (stop.day() == day) {
                return stop.minutes();
            }
        }
        return 0;
    }
}
