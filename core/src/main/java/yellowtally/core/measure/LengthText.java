package yellowtally.core.measure;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads a length as a person at the bench writes it: {@code 11}, {@code 11,5 mm}, {@code 1/2 in}, {@code 13/64"},
 * {@code 1 1/4 inch}. Source: general practice; rulers at the bench carry either scale.
 */
public final class LengthText {

    /** Longer texts are refused unread. */
    static final int MAX_CHARACTERS = 40;

    private static final Pattern FORM = Pattern.compile("(?<sign>-)?\\s*"
            + "(?:(?<whole>\\d+)[\\s-]+(?<mixedTop>\\d+)\\s*/\\s*(?<mixedBottom>\\d+)"
            + "|(?<top>\\d+)\\s*/\\s*(?<bottom>\\d+)"
            + "|(?<decimal>\\d+(?:[.,]\\d*)?|[.,]\\d+))"
            + "\\s*(?<unit>mm|millimet(?:er|re)s?|cm|in|in\\.|inch|inches|\"|″|'')?");

    private LengthText() {}

    /**
     * Reads a text.
     *
     * @param text what was typed; empty text is refused, not read as zero
     * @param assumed the unit when the text names none; a bare fraction such as {@code 1/2} is always in inches, since
     *     no rule in millimetres is marked in fractions
     * @return the length in millimetres, zero or more, or why the text is not one
     */
    public static LengthReading read(String text, LengthUnit assumed) {
        String typed = text.strip().toLowerCase(Locale.ROOT);
        if (typed.isEmpty()) {
            return new LengthReading.Refused(LengthReading.Why.EMPTY);
        }
        Matcher form = FORM.matcher(typed);
        if (typed.length() > MAX_CHARACTERS || !form.matches()) {
            return new LengthReading.Refused(LengthReading.Why.NOT_A_LENGTH);
        }
        boolean fraction = form.group("decimal") == null;
        double figure;
        if (!fraction) {
            figure = Double.parseDouble(form.group("decimal").replace(',', '.'));
        } else if (form.group("whole") != null) {
            figure = Double.parseDouble(form.group("whole"))
                    + quotient(form.group("mixedTop"), form.group("mixedBottom"));
        } else {
            figure = quotient(form.group("top"), form.group("bottom"));
        }
        if (Double.isNaN(figure) || Double.isInfinite(figure)) {
            return new LengthReading.Refused(LengthReading.Why.DIVIDED_BY_ZERO);
        }
        if (form.group("sign") != null && figure != 0) {
            return new LengthReading.Refused(LengthReading.Why.NEGATIVE);
        }
        return inUnit(figure, form.group("unit"), fraction ? LengthUnit.INCH : assumed);
    }

    private static LengthReading inUnit(double figure, @Nullable String unit, LengthUnit assumed) {
        if (unit == null) {
            return new LengthReading.Read(assumed.toMm(figure), assumed);
        }
        if (unit.equals("cm")) {
            return new LengthReading.Read(LengthUnit.MM.toMm(figure * 10), LengthUnit.MM);
        }
        LengthUnit named = unit.startsWith("m") ? LengthUnit.MM : LengthUnit.INCH;
        return new LengthReading.Read(named.toMm(figure), named);
    }

    private static double quotient(String top, String bottom) {
        return Double.parseDouble(top) / Double.parseDouble(bottom);
    }
}
