package yellowtally.core.engine;

import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads what a tank holds as a person writes it: {@code 450}, {@code 0,45 L}, {@code 15 fl oz}, {@code 1/4 gal}. Source:
 * general practice; cans and makers' sheets carry either scale.
 */
public final class VolumeText {

    /** Longer texts are refused unread. */
    static final int MAX_CHARACTERS = 40;

    private static final double PINTS_OF_A_GALLON = 8;
    private static final double QUARTS_OF_A_GALLON = 4;

    private static final Pattern FORM = Pattern.compile("(?:(?<top>\\d{1,9})\\s*/\\s*(?<bottom>[1-9]\\d{0,8})"
            + "|(?<decimal>\\d{1,9}(?:[.,]\\d{0,9})?|[.,]\\d{1,9}))"
            + "\\s*(?<unit>ml|l|lit(?:er|re)s?|(?:us\\s+)?(?:fl\\.?\\s*)?oz\\.?|(?:us\\s+)?gal(?:lons?|\\.)?"
            + "|pints?|pt\\.?|quarts?|qt\\.?)?");

    private VolumeText() {}

    /**
     * Reads a text.
     *
     * @param text what was typed
     * @param house whose small unit is meant when the text names none: millilitres or US fluid ounces
     * @return the volume in mL, zero or more; empty when the text is none
     */
    public static OptionalDouble read(String text, FuelUnit house) {
        String typed = text.strip().toLowerCase(Locale.ROOT);
        Matcher form = FORM.matcher(typed);
        if (typed.length() > MAX_CHARACTERS || !form.matches()) {
            return OptionalDouble.empty();
        }
        String decimal = form.group("decimal");
        double figure = decimal == null
                ? Double.parseDouble(form.group("top")) / Double.parseDouble(form.group("bottom"))
                : Double.parseDouble(decimal.replace(',', '.'));
        String unit = form.group("unit");
        return OptionalDouble.of(unit == null ? house.oilMl(figure) : ml(figure, unit.replaceFirst("^us\\s+", "")));
    }

    private static double ml(double figure, String unit) {
        return switch (unit.charAt(0)) {
            case 'm' -> figure;
            case 'l' -> FuelUnit.LITRE.toMl(figure);
            case 'g' -> FuelUnit.US_GALLON.toMl(figure);
            case 'p' -> FuelUnit.US_GALLON.toMl(figure / PINTS_OF_A_GALLON);
            case 'q' -> FuelUnit.US_GALLON.toMl(figure / QUARTS_OF_A_GALLON);
            default -> FuelUnit.US_GALLON.oilMl(figure);
        };
    }
}
