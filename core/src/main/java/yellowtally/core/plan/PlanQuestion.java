package yellowtally.core.plan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import yellowtally.core.settings.Numbers;

/**
 * All that a plan is made from. The same question always gets the same plan.
 *
 * @param today first day of the plan, day 0
 * @param days how many days it has, 1 to 28
 * @param benches minutes of each bench on each day; a day without any is a day off
 * @param saws all saws in service, in any order
 * @param bookings of crews that have not left yet, in any order; those that leave after the last day are left for another plan
 * @param supplies what there is of each article that saws need; what is missing here is nowhere to be had
 * @param pins visits that the officer has put on a day, by tag
 * @param leftOut tags of saws that the officer has left out
 * @param before what the plan of before had with each saw, by tag
 */
public record PlanQuestion(
        LocalDate today,
        int days,
        List<BenchSlot> benches,
        List<SawOutlook> saws,
        List<Booking> bookings,
        Map<Article, Supply> supplies,
        Map<String, Set<Integer>> pins,
        Set<String> leftOut,
        Map<String, Kept> before,
        Numbers numbers) {

    private static final int MINUTES_PER_HOUR = 60;

    /** On which days a plan had a saw on the bench, and which bookings it served. */
    public record Kept(Set<Integer> days, Set<UUID> bookings) {

        public Kept {
            days = Set.copyOf(days);
            bookings = Set.copyOf(bookings);
        }
    }

    public PlanQuestion {
        if (days < 1 || days > Times.MOST) {
            throw new IllegalArgumentException("no such plan: " + days + " days");
        }
        int last = days;
        LocalDate first = today;
        benches = benches.stream()
                .filter(slot -> slot.day() >= 0 && slot.day() < last)
                .sorted(Comparator.comparingInt(BenchSlot::day).thenComparingInt(BenchSlot::bench))
                .toList();
        saws = saws.stream().sorted(Comparator.comparing(SawOutlook::tag)).toList();
        bookings = bookings.stream()
                .filter(booking ->
                        !booking.leaves().isBefore(first) && booking.leaves().isBefore(first.plusDays(last)))
                .sorted(Comparator.comparing(Booking::leaves)
                        .thenComparing(Booking::at)
                        .thenComparing(Booking::id))
                .limit(Long.SIZE - 1)
                .toList();
        supplies = Map.copyOf(supplies);
        pins = Map.copyOf(pins);
        leftOut = Set.copyOf(leftOut);
        before = Map.copyOf(before);
    }

    /** The same after a plan, so that the next one stays near it. */
    public PlanQuestion after(Map<String, Kept> plan) {
        return new PlanQuestion(today, days, benches, saws, bookings, supplies, pins, leftOut, plan, numbers);
    }

    /** Whether the bench of the day on which a crew leaves is done by then. */
    boolean doneBefore(Booking booking, int day) {
        double minutes = benches.stream()
                .filter(slot -> slot.day() == day)
                .mapToDouble(BenchSlot::minutes)
                .max()
                .orElse(0);
        LocalTime begins = LocalTime.of((int) numbers.of(PlanSetting.BENCH_BEGINS), 0);
        double until = (booking.at().toSecondOfDay() - begins.toSecondOfDay()) / (double) MINUTES_PER_HOUR;
        return until >= minutes;
    }
}
