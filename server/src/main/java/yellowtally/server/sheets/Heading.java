package yellowtally.server.sheets;

import java.util.Map;

/** What a column is called over a sheet: its name as a person writes it, with its unit. */
public final class Heading {

    private static final Map<String, String> OWN = Map.of(
            "at", "When", "id", "Record", "person_id", "By", "by_id", "By", "seq", "Number", "volts", "Voltage, V");

    private static final Map<String, String> UNITS =
            Map.of("_mm", ", mm", "_ml", ", mL", "_cc", ", cc", "_cents", ", hundredths", "_hours", ", hours");

    private Heading() {}

    public static String of(String column) {
        String own = OWN.get(column);
        if (own != null) {
            return own;
        }
        String bare = column.endsWith("_id") ? column.substring(0, column.length() - 3) : column;
        String unit = "";
        for (Map.Entry<String, String> known : UNITS.entrySet()) {
            if (bare.endsWith(known.getKey())) {
                unit = known.getValue();
                bare = bare.substring(0, bare.length() - known.getKey().length());
                break;
            }
        }
        return Words.sentence(bare) + unit;
    }
}
