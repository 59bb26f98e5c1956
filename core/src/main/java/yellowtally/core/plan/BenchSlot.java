package yellowtally.core.plan;

/**
 * One bench on one day.
 *
 * @param day days from the first day of the plan, 0 and more
 * @param bench from 1
 * @param minutes that it has left, zero or more
 */
public record BenchSlot(int day, int bench, double minutes) {}
