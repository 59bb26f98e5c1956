package yellowtally.core.plan;

/**
 * How good a plan is, in the order in which it counts (handbook section 10): bookings met and places filled; held saws and overdue safety;
 * other overdue work; minutes; visits that stay where they were.
 *
 * @param met bookings that have all their saws
 * @param places saws that bookings have
 * @param doubtful of them, those of which nobody can say yet whether the bench will be enough
 * @param close of them, those that are ready only with the last bench day before the crew leaves
 * @param urgentDays saw-days of waiting that are held, or overdue in safety
 * @param overdue days of waiting of all other work, each by how far it is over, in hundredths
 * @param minutes at the bench, in tenths
 * @param moved visits that were on another day before
 */
record Score(int met, int places, int doubtful, int close, int urgentDays, long overdue, long minutes, int moved)
        implements Comparable<Score> {

    /** One saw that waits one day longer than its limit, in hundredths. */
    private static final int ONE_DAY = 100;

    /** The better one comes first. */
    @Override
    public int compareTo(Score other) {
        int by = Integer.compare(other.met, met);
        by = by != 0 ? by : Integer.compare(other.places, places);
        by = by != 0 ? by : Integer.compare(doubtful, other.doubtful);
        by = by != 0 ? by : Integer.compare(close, other.close);
        by = by != 0 ? by : Integer.compare(urgentDays, other.urgentDays);
        by = by != 0 ? by : Long.compare(overdue, other.overdue);
        by = by != 0 ? by : Long.compare(minutes, other.minutes);
        return by != 0 ? by : Integer.compare(moved, other.moved);
    }

    boolean betterThan(Score other) {
        return compareTo(other) < 0;
    }

    /**
     * Whether a plan that moves no visit without need may stand beside this one: it meets as much, holds nobody longer, and costs
     * hardly more.
     *
     * @param worth share of waiting and of minutes that is worth a shuffle, in percent
     */
    boolean hardlyBetterThan(Score near, double worth) {
        double factor = 1 + worth / 100;
        return near.met == met
                && near.places == places
                && near.doubtful <= doubtful
                && near.close <= close
                && near.urgentDays <= urgentDays
                && near.overdue <= Math.max(overdue * factor, (double) overdue + ONE_DAY)
                && near.minutes <= minutes * factor;
    }
}
