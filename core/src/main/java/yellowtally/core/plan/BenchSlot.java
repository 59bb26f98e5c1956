package yellowtally.core.plan;

/**
 * One bench on one day.
 *
 * @param day days from the first day of the plan, 0 and more
 * @param bench from 1
 * @param minutes that it has on the whole day, zero or more
 * @param done of them, those that are worked off already, zero or more
 */
public record BenchSlot(int day, int bench, double minutes, double done) {

    /** One on which nothing is done yet. */
    public BenchSlot(int day, int bench, double minutes) {
        this(day, bench, minutes, 0);
    }

    /** Minutes that are left, zero or more. */
    public double left() {
        return Math.max(0, minutes - done);
    }
}
