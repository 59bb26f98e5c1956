package yellowtally.core.engine;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import yellowtally.core.settings.Numbers;

/**
 * How old mixed fuel is, and whether it is still good (handbook section 9: its age is counted, not typed).
 *
 * @param days since it was mixed, zero or more
 * @param old whether it is not filled any more
 * @param daysLeft until it is old; zero when it is
 */
public record FuelAge(long days, boolean old, long daysLeft) {

    /** Nobody keeps a mix for so many years: a day before that is a slip of the pen. */
    private static final int MOST_YEARS = 2;

    /**
     * Whether a mix may be from that day, as far as anybody can believe.
     *
     * @param mixedOn not after {@code today}
     */
    public static boolean believed(LocalDate mixedOn, LocalDate today) {
        return !mixedOn.isBefore(today.minusYears(MOST_YEARS));
    }

    /**
     * The age of a mix.
     *
     * @param mixedOn the day on which it was mixed, today or before
     */
    public static FuelAge of(LocalDate mixedOn, LocalDate today, Numbers numbers) {
        long days = Math.max(0, ChronoUnit.DAYS.between(mixedOn, today));
        boolean old = tooOld((double) days, numbers);
        long left = (long) Math.ceil(numbers.of(EngineSetting.FUEL_OLD)) - days;
        return new FuelAge(days, old, old ? 0 : left);
    }

    /**
     * Whether a mix is too old.
     *
     * @param days since it was mixed, zero or more
     */
    public static boolean tooOld(double days, Numbers numbers) {
        return days >= numbers.of(EngineSetting.FUEL_OLD);
    }
}
