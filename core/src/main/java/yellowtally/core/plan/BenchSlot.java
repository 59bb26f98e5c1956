package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;

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

    /**
     * The benches of the days that come. What is done today was done on the first bench first; nobody writes down on which.
     *
     * @param minutesOf minutes of each bench on a day, by days from today
     * @param benches how many there are, 1 and more
     * @param doneToday minutes, zero or more
     */
    public static List<BenchSlot> ahead(int days, IntToDoubleFunction minutesOf, int benches, double doneToday) {
        List<BenchSlot> slots = new ArrayList<>();
        double gone = doneToday;
        for (int day = 0; day < days; day++) {
            double minutes = minutesOf.applyAsDouble(day);
            for (int bench = 1; bench <= benches; bench++) {
                double used = day == 0 ? Math.min(gone, minutes) : 0;
                slots.add(new BenchSlot(day, bench, minutes, used));
                gone -= used;
            }
        }
        return slots;
    }
}
