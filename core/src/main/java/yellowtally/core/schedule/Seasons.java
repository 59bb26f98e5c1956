package yellowtally.core.schedule;

import java.time.LocalDate;
import java.time.MonthDay;
import java.time.temporal.ChronoUnit;

/**
 * The parts of the year that change the work. A season may run over the turn of the year.
 *
 * @param fireFrom first day of the fire season
 * @param fireTo last day of it
 * @param coldFrom first day of the cold, when oil thickens
 * @param coldTo last day of it
 */
public record Seasons(MonthDay fireFrom, MonthDay fireTo, MonthDay coldFrom, MonthDay coldTo) {

    /** April to September, November to March (general practice in a mild climate, est.). */
    public static final Seasons STANDARD =
            new Seasons(MonthDay.of(4, 1), MonthDay.of(9, 30), MonthDay.of(11, 1), MonthDay.of(3, 31));

    /** Whether a day lies in the fire season. */
    public boolean fire(LocalDate day) {
        return within(fireFrom, fireTo, day);
    }

    /** Whether a day lies in the cold. */
    public boolean cold(LocalDate day) {
        return within(coldFrom, coldTo, day);
    }

    /** Days of the fire season after the first day up to and including the last. */
    public long fireDays(LocalDate after, LocalDate upTo) {
        long days = 0;
        for (int year = after.getYear() - 1; year <= upTo.getYear(); year++) {
            LocalDate from = fireFrom.atYear(year);
            LocalDate to = fireTo.atYear(fireFrom.isAfter(fireTo) ? year + 1 : year);
            LocalDate first = from.isAfter(after) ? from : after.plusDays(1);
            LocalDate last = to.isBefore(upTo) ? to : upTo;
            days += Math.max(0, ChronoUnit.DAYS.between(first, last) + 1);
        }
        return days;
    }

    /** Whether the season that a task waits for has started after a day, up to and including today. */
    boolean startedFor(Task task, LocalDate after, LocalDate today) {
        MonthDay start = task == Task.ARRESTOR ? fireFrom : coldFrom;
        boolean inSeason = task == Task.ARRESTOR ? fire(today) : cold(today);
        LocalDate latest = start.atYear(today.getYear());
        latest = latest.isAfter(today) ? start.atYear(today.getYear() - 1) : latest;
        return inSeason && latest.isAfter(after);
    }

    private static boolean within(MonthDay from, MonthDay to, LocalDate date) {
        MonthDay day = MonthDay.from(date);
        return from.isAfter(to) ? !day.isBefore(from) || !day.isAfter(to) : !day.isBefore(from) && !day.isAfter(to);
    }
}
