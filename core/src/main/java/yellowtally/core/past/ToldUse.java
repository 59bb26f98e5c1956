package yellowtally.core.past;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.UseUnit;

/**
 * What a saw used on one day before it was brought in, as it was told (handbook section 10). It says how much was used since a service
 * of which nobody told that, and nothing else: it is no outing, and proves nothing (handbook section 11).
 *
 * @param tanks tanks, charges or run hours by its power, 0 to {@link #MOST}
 */
public record ToldUse(LocalDate day, double tanks) {

    /** More nobody burns in a day (general practice). */
    public static final double MOST = 24;

    public ToldUse {
        if (!possible(tanks)) {
            throw new IllegalArgumentException("used on a day: " + tanks);
        }
    }

    /** Whether so much can be used on a day. */
    public static boolean possible(double tanks) {
        return tanks >= 0 && tanks <= MOST;
    }

    /**
     * What was used since a service, its own day with it, which is never too little (est.).
     *
     * @param uses all that was told of the saw
     * @param done the day of the service
     * @param unit what the service counts in; {@code null} where the calendar alone does
     * @return in that unit; empty where what was told does not reach back to the service, or is not what it counts in
     */
    public static OptionalDouble since(Collection<ToldUse> uses, LocalDate done, @Nullable UseUnit unit) {
        boolean reaches = uses.stream().anyMatch(use -> !use.day().isAfter(done));
        if (!reaches || (unit != UseUnit.TANKS && unit != UseUnit.OUTINGS)) {
            return OptionalDouble.empty();
        }
        List<ToldUse> since =
                uses.stream().filter(use -> !use.day().isBefore(done)).toList();
        return OptionalDouble.of(unit == UseUnit.OUTINGS ? since.size() : sum(since));
    }

    /** Tanks, charges or run hours of all of these days. */
    public static double sum(Collection<ToldUse> uses) {
        return uses.stream().mapToDouble(ToldUse::tanks).sum();
    }
}
