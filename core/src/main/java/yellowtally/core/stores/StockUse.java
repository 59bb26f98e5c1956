package yellowtally.core.stores;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Optional;
import yellowtally.core.settings.Numbers;

/**
 * How fast an item is used (general practice).
 *
 * @param perDay units a day, over zero
 * @param takings how many takings it stands on
 */
public record StockUse(double perDay, int takings) {

    private static final double DAYS_OF_A_MONTH = 30.4;

    /** Something taken for work. */
    public record Taken(LocalDate day, double amount) {}

    /**
     * Reads the takings of late.
     *
     * @param since first day of the records of this item
     * @return empty when nothing was taken, or the records are too young to tell
     */
    public static Optional<StockUse> of(Collection<Taken> taken, LocalDate since, LocalDate today, Numbers numbers) {
        long most = Math.round(numbers.of(StoresSetting.USE_DAYS));
        long days = Math.min(most, ChronoUnit.DAYS.between(since, today) + 1);
        if (days < numbers.of(StoresSetting.LEAST_DAYS)) {
            return Optional.empty();
        }
        double sum = 0;
        int takings = 0;
        for (Taken one : taken) {
            if (one.day().isAfter(today.minusDays(days))) {
                sum += one.amount();
                takings++;
            }
        }
        return sum > 0 ? Optional.of(new StockUse(sum / days, takings)) : Optional.empty();
    }

    /** Units a month. */
    public double perMonth() {
        return perDay * DAYS_OF_A_MONTH;
    }

    /** Spread of the pace: few takings tell little. */
    double spread() {
        return 1 / Math.sqrt(takings);
    }
}
