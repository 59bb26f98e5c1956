package yellowtally.core.log;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a saw did in one month, for papers (general practice).
 *
 * @param returns how many times it came back, one or more
 * @param burned tanks, charges or run hours of these, by its power; zero or more
 */
public record MonthOfUse(YearMonth month, int returns, double burned) {

    /**
     * One return.
     *
     * @param on the day it came back
     * @param burned tanks, charges or run hours by its power, zero or more
     */
    public record Return(LocalDate on, double burned) {}

    /** The months in which it came back, the earliest first. */
    public static List<MonthOfUse> of(Collection<Return> returns) {
        Map<YearMonth, MonthOfUse> months = new TreeMap<>();
        for (Return back : returns) {
            months.merge(
                    YearMonth.from(back.on()),
                    new MonthOfUse(YearMonth.from(back.on()), 1, back.burned()),
                    MonthOfUse::and);
        }
        return new ArrayList<>(months.values());
    }

    /** All of them as one sum; the month is that of the last. */
    private MonthOfUse and(MonthOfUse other) {
        return new MonthOfUse(other.month, returns + other.returns, burned + other.burned);
    }
}
