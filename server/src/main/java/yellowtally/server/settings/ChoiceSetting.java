package yellowtally.server.settings;

import java.util.Arrays;
import java.util.List;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.tension.TensionMethod;

/** Settings that are a choice and not a number. */
public enum ChoiceSetting {
    HOUSE_METHOD(
            "house.tension-method",
            TensionMethod.TANG_LINE.name(),
            names(TensionMethod.values()),
            "Everybody reads tension the same way, so that readings compare. A saw can have its own."),
    LENGTH_UNIT(
            "house.length-unit",
            LengthUnit.MM.name(),
            names(LengthUnit.values()),
            "The unit that is meant when none is typed, and in which lengths are shown.");

    private final String key;
    private final String standard;
    private final List<String> options;
    private final String why;

    ChoiceSetting(String key, String standard, List<String> options, String why) {
        this.key = key;
        this.standard = standard;
        this.options = options;
        this.why = why;
    }

    public String key() {
        return key;
    }

    public String standard() {
        return standard;
    }

    public List<String> options() {
        return options;
    }

    public String why() {
        return why;
    }

    private static List<String> names(Enum<?>[] values) {
        return Arrays.stream(values).map(Enum::name).toList();
    }
}
