package yellowtally.core.measure;

import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Pattern;

/** A plain figure as people type it: digits, with a point or a comma, and perhaps a sign (general practice). */
public final class NumberText {

    private static final Pattern FORM = Pattern.compile("[-−+]?(?:\\d{1,9}(?:[.,]\\d{0,9})?|[.,]\\d{1,9})");

    private NumberText() {}

    /**
     * Reads a figure.
     *
     * @param text as typed, in any unit; spaces around it do not matter
     * @return the figure, between −10⁹ and 10⁹; empty when the text is none
     */
    public static OptionalDouble read(String text) {
        String typed = text.strip();
        return FORM.matcher(typed).matches()
                ? OptionalDouble.of(Double.parseDouble(typed.replace(',', '.').replace('−', '-')))
                : OptionalDouble.empty();
    }

    /**
     * A figure in a sentence, without idle noughts.
     *
     * @param figure any finite figure
     * @param digits decimals at most, from 1
     */
    public static String said(double figure, int digits) {
        return said(figure, digits, Rounding.NEAREST);
    }

    /**
     * A figure in a sentence, without idle noughts, rounded as it is meant.
     *
     * @param figure any finite figure
     * @param digits decimals at most, from 1
     */
    public static String said(double figure, int digits, Rounding rounding) {
        String text = String.format(Locale.ROOT, "%." + digits + "f", rounding.of(figure, digits))
                .replaceFirst("\\.?0+$", "");
        return text.equals("-0") ? "0" : text;
    }
}
