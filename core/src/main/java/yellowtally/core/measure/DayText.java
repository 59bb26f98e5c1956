package yellowtally.core.measure;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Month;
import java.time.Year;
import java.time.YearMonth;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowtally.core.measure.DayReading.Why;

/**
 * Reads a day of the past as people write it down: {@code 12 nov}, {@code Nov 12, 2025}, {@code 12.11.}, {@code 2026-11-12},
 * {@code yesterday}, {@code 3 w} for three weeks ago, {@code mar 2024} or {@code 2024} for what nobody knows closer. Without a year
 * it is the last such day. Source: general practice.
 */
public final class DayText {

    /** Longer texts are refused unread. */
    static final int MAX_CHARACTERS = 30;

    private static final int FIRST_YEAR = 1950;
    private static final List<String> MONTHS =
            List.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec");

    private static final String MONTH = "(?<month>[a-z]{3,9})\\.?";
    private static final Pattern ISO =
            Pattern.compile("(?<year>\\d{4})(?<stroke>[-/])(?<number>\\d{1,2})\\k<stroke>(?<day>\\d{1,2})");
    private static final Pattern FIGURES =
            Pattern.compile("(?<day>\\d{1,2})\\.\\s*(?<number>\\d{1,2})\\.?(?:\\s*(?<year>\\d{4}|\\d{2}))?");
    private static final Pattern DAY_FIRST =
            Pattern.compile("(?<day>\\d{1,2})\\.?\\s*" + MONTH + "(?:,?\\s*(?<year>\\d{4}|\\d{2}))?");
    private static final Pattern MONTH_FIRST =
            Pattern.compile(MONTH + "\\s*(?<day>\\d{1,2})(?:,?\\s+(?<year>\\d{4}))?");
    private static final Pattern STROKE =
            Pattern.compile("(?<one>\\d{1,2})/(?<two>\\d{1,2})(?:/(?<year>\\d{4}|\\d{2}))?");
    private static final Pattern AGO =
            Pattern.compile("(?<count>\\d{1,3})\\s*(?<unit>d|days?|w|weeks?|m|months?)(?:\\s+ago)?");
    private static final Pattern ONLY_MONTH = Pattern.compile(MONTH + "\\s+(?<year>\\d{4})");
    private static final Pattern ONLY_YEAR = Pattern.compile("(?<year>\\d{4})");

    private DayText() {}

    /** Which comes first in {@code 12/11}: whoever wrote a whole sheet wrote all of it alike. */
    public enum Order {
        /** Nobody said: such a text is refused. */
        UNKNOWN,
        DAY_FIRST,
        MONTH_FIRST
    }

    /**
     * Reads a text; one such as {@code 12/11} is refused.
     *
     * @param text what was typed; empty text is refused
     * @param today the last day that it can be
     * @return a day from 1950 on and not after today, or why the text is none
     */
    public static DayReading read(String text, LocalDate today) {
        return read(text, today, Order.UNKNOWN);
    }

    /**
     * Reads a text that was written by somebody of whom that is known.
     *
     * @param text what was typed; empty text is refused
     * @param today the last day that it can be
     * @param order which comes first where two figures and a stroke leave it open
     * @return a day from 1950 on and not after today, or why the text is none
     */
    public static DayReading read(String text, LocalDate today, Order order) {
        String typed = text.strip().toLowerCase(Locale.ROOT);
        if (typed.isEmpty()) {
            return new DayReading.Refused(Why.EMPTY);
        }
        if (typed.length() > MAX_CHARACTERS) {
            return new DayReading.Refused(Why.NOT_A_DAY);
        }
        Matcher stroke = STROKE.matcher(typed);
        boolean strokes = stroke.matches();
        if (strokes && order == Order.UNKNOWN) {
            return new DayReading.Refused(Why.AMBIGUOUS);
        }
        try {
            DayReading.Read read = strokes ? stroke(stroke, today, order) : day(typed, today);
            if (read == null) {
                return new DayReading.Refused(Why.NOT_A_DAY);
            }
            if (read.day().isAfter(today)) {
                return new DayReading.Refused(Why.FUTURE);
            }
            return read.day().getYear() < FIRST_YEAR ? new DayReading.Refused(Why.TOO_OLD) : read;
        } catch (DateTimeException impossible) {
            return new DayReading.Refused(Why.NOT_A_DAY);
        }
    }

    private static DayReading.Read stroke(Matcher figures, LocalDate today, Order order) {
        boolean dayFirst = order == Order.DAY_FIRST;
        return exactly(dated(
                figures.group(dayFirst ? "one" : "two"),
                number(figures.group(dayFirst ? "two" : "one")),
                figures.group("year"),
                today));
    }

    private static DayReading.@Nullable Read day(String typed, LocalDate today) {
        if (typed.equals("today") || typed.equals("yesterday")) {
            return exactly(typed.equals("today") ? today : today.minusDays(1));
        }
        Matcher ago = AGO.matcher(typed);
        if (ago.matches()) {
            long count = Long.parseLong(ago.group("count"));
            return exactly(
                    switch (ago.group("unit").charAt(0)) {
                        case 'd' -> today.minusDays(count);
                        case 'w' -> today.minusWeeks(count);
                        default -> today.minusMonths(count);
                    });
        }
        for (Pattern form : List.of(ISO, FIGURES)) {
            Matcher figures = form.matcher(typed);
            if (figures.matches()) {
                return exactly(
                        dated(figures.group("day"), number(figures.group("number")), figures.group("year"), today));
            }
        }
        for (Pattern form : List.of(DAY_FIRST, MONTH_FIRST)) {
            Matcher words = form.matcher(typed);
            if (words.matches() && month(words.group("month")) > 0) {
                return exactly(dated(words.group("day"), month(words.group("month")), words.group("year"), today));
            }
        }
        Matcher month = ONLY_MONTH.matcher(typed);
        if (month.matches() && month(month.group("month")) > 0) {
            YearMonth of = YearMonth.of(number(month.group("year")), month(month.group("month")));
            return new DayReading.Read(of.atDay(1), of.atEndOfMonth());
        }
        Matcher year = ONLY_YEAR.matcher(typed);
        if (year.matches()) {
            Year of = Year.of(number(year.group("year")));
            return new DayReading.Read(of.atDay(1), of.atMonth(12).atEndOfMonth());
        }
        return null;
    }

    /** Without a year the last such day: of the 29th of February the last year that had one. */
    private static LocalDate dated(String day, int month, @Nullable String year, LocalDate today) {
        int of = number(day);
        if (year != null) {
            int written = number(year);
            return LocalDate.of(year.length() == 2 ? 2000 + written : written, month, of);
        }
        // Refuses the 31st of a short month once and for all.
        LocalDate.of(2000, month, of);
        int last = today.getYear();
        while (of > YearMonth.of(last, month).lengthOfMonth()
                || LocalDate.of(last, month, of).isAfter(today)) {
            last--;
        }
        return LocalDate.of(last, month, of);
    }

    /** From 1 to 12 by its first letters, all of them right; 0 for none. */
    private static int month(String word) {
        for (int i = 0; i < MONTHS.size(); i++) {
            String whole = Month.of(i + 1).toString().toLowerCase(Locale.ROOT);
            if (word.startsWith(MONTHS.get(i)) && whole.startsWith(word.equals("sept") ? "sep" : word)) {
                return i + 1;
            }
        }
        return 0;
    }

    private static int number(String digits) {
        return Integer.parseInt(digits);
    }

    private static DayReading.Read exactly(LocalDate day) {
        return new DayReading.Read(day, day);
    }
}
