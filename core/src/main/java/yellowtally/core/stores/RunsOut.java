package yellowtally.core.stores;

import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.settings.Numbers;

/**
 * When an item will run out if use goes on as it did of late (est.).
 *
 * @param early if more is used
 * @param late if less is used
 */
public record RunsOut(LocalDate early, LocalDate likely, LocalDate late) {

    /**
     * Reckons from what is free.
     *
     * @param free on the shelf and not reserved, zero or more
     * @param use {@code null} when not known
     * @return empty when nothing can be told, or it is too far off
     */
    public static Optional<RunsOut> of(double free, @Nullable StockUse use, LocalDate today, Numbers numbers) {
        double farthest = numbers.of(ScheduleSetting.FARTHEST);
        if (use == null || free / use.perDay() > farthest) {
            return Optional.empty();
        }
        double days = free / use.perDay();
        return Optional.of(new RunsOut(
                today.plusDays((long) Math.floor(days / (1 + use.spread()))),
                today.plusDays((long) Math.floor(days)),
                today.plusDays((long) Math.floor(Math.min(2 * farthest, days * (1 + use.spread()))))));
    }
}
