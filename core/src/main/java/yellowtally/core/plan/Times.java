package yellowtally.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;

/**
 * The days of a plan as numbers: bench days, and for each booking the days that count.
 *
 * @param days how many the plan has, at most {@link #MOST}
 * @param benchDays days on which a bench has minutes, bit by bit
 * @param trips one for each booking
 */
record Times(int days, int benchDays, List<Trip> trips) {

    /** Days are told bit by bit. */
    static final int MOST = 28;

    /**
     * A booking in days.
     *
     * @param leaves day on which it leaves
     * @param lastDay last day whose work is done before it leaves; -1 when there is none
     * @param lastBench the last of these on which a bench has minutes; -1 when there is none
     * @param until last day away
     * @param clashes bookings that no saw can serve beside this one, bit by bit; itself among them
     */
    record Trip(int leaves, int lastDay, int lastBench, int until, long clashes) {
        int length() {
            return until - leaves + 1;
        }
    }

    static Times of(PlanQuestion question) {
        int benchDays = 0;
        for (BenchSlot slot : question.benches()) {
            if (slot.left() > 0) {
                benchDays |= 1 << slot.day();
            }
        }
        int days = benchDays;
        return new Times(
                question.days(),
                benchDays,
                question.bookings().stream()
                        .map(booking -> trip(booking, question, days))
                        .toList());
    }

    private static Trip trip(Booking booking, PlanQuestion question, int benchDays) {
        int leaves = days(question.today(), booking.leaves());
        int lastDay = Math.min(question.days() - 1, question.doneBefore(booking, leaves) ? leaves : leaves - 1);
        int lastBench = lastDay;
        while (lastBench >= 0 && (benchDays & 1 << lastBench) == 0) {
            lastBench--;
        }
        long clashes = 0;
        for (int b = 0; b < question.bookings().size(); b++) {
            clashes |= booking.overlaps(question.bookings().get(b)) ? 1L << b : 0;
        }
        return new Trip(leaves, lastDay, lastBench, days(question.today(), booking.until()), clashes);
    }

    private static int days(LocalDate from, LocalDate to) {
        return (int) Math.max(-1, Math.min(Times.MOST * 2L, ChronoUnit.DAYS.between(from, to)));
    }
}
