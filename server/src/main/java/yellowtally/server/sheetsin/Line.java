package yellowtally.server.sheetsin;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import yellowtally.core.measure.DayReading;
import yellowtally.core.measure.DayText;
import yellowtally.core.measure.NumberText;
import yellowtally.server.support.Violations;

/**
 * A line of a sheet, its cells by the fields they are for. What cannot be read is said in {@code wrong}.
 *
 * @param number where it stands in its file
 */
record Line(int number, Map<String, String> cells) {

    private static final Pattern TIME = Pattern.compile("[T ]\\d{1,2}:\\d{2}(?::\\d{2})?$");
    private static final int CENTS = 100;

    /** As written, "" where nothing stands. */
    String text(String field) {
        return cells.getOrDefault(field, "").strip();
    }

    boolean has(String field) {
        return !text(field).isEmpty();
    }

    /** As written, or nothing. */
    @Nullable
    String textOrNull(String field) {
        return has(field) ? text(field) : null;
    }

    /** A plain figure; nothing where none stands. */
    @Nullable
    Double number(String field, Violations wrong) {
        if (!has(field)) {
            return null;
        }
        OptionalDouble read = NumberText.read(text(field));
        if (read.isEmpty()) {
            wrong.add(field, "figure.form");
            return null;
        }
        return read.getAsDouble();
    }

    /** A whole figure. */
    @Nullable
    Integer whole(String field, Violations wrong) {
        Double read = number(field, wrong);
        if (read == null) {
            return null;
        }
        if (read != Math.rint(read) || Math.abs(read) > 1e9) {
            wrong.add(field, "line.whole");
            return null;
        }
        return Integer.valueOf((int) Math.rint(read));
    }

    /** Money, with a point or a comma before the cents. */
    @Nullable
    Integer cents(String field, Violations wrong) {
        Double read = number(field, wrong);
        if (read == null) {
            return null;
        }
        if (!(read >= 0 && read <= 100_000)) {
            wrong.add(field, "number.range", 0.0, 100_000.0);
            return null;
        }
        return Integer.valueOf((int) Math.round(read * CENTS));
    }

    /** A day of the past, of a month or a year its first; its time of day does not count. */
    @Nullable
    LocalDate day(String field, LocalDate today, DayText.Order order, Violations wrong) {
        DayReading reading = DayText.read(dayText(field), today, order);
        if (reading instanceof DayReading.Refused refused) {
            wrong.add(field, "day." + refused.why());
            return null;
        }
        return ((DayReading.Read) reading).day();
    }

    /** A day as written, without the time that a spreadsheet puts behind it. */
    String dayText(String field) {
        return TIME.matcher(text(field)).replaceFirst("");
    }

    boolean yes(String field, boolean blank, Violations wrong) {
        return switch (text(field).toLowerCase(Locale.ROOT)) {
            case "" -> blank;
            case "yes", "y", "true", "1", "x" -> true;
            case "no", "n", "false", "0", "-" -> false;
            default -> {
                wrong.add(field, "line.yesNo");
                yield blank;
            }
        };
    }

    /** One of several; {@code blank} where nothing stands, which is said as missing where it is nothing too. */
    <E extends Enum<E>> @Nullable E choice(String field, Choices<E> among, @Nullable E blank, Violations wrong) {
        if (!has(field)) {
            if (blank == null) {
                wrong.add(field, "missing");
            }
            return blank;
        }
        E found = among.read(text(field)).orElse(null);
        if (found == null) {
            wrong.add(field, "line.choice", text(field), among.said());
        }
        return found;
    }
}
