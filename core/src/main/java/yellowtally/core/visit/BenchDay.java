package yellowtally.core.visit;

import java.util.List;

/**
 * The work of one day at the bench against the minutes there are (handbook section 10).
 *
 * @param minutes there are
 * @param plannedMinutes of all visits
 * @param fits how many visits of the queue are done by the end of the day
 */
public record BenchDay(double minutes, double plannedMinutes, int fits) {

    /**
     * Visits in the order of the queue; one that does not fit stops the queue.
     *
     * @param visits minutes of each, most urgent first
     * @param minutes there are in the day
     */
    public static BenchDay of(List<Double> visits, double minutes) {
        double planned = 0;
        int fits = 0;
        for (double visit : visits) {
            planned += visit;
            fits += planned <= minutes ? 1 : 0;
        }
        return new BenchDay(minutes, planned, fits);
    }
}
