package yellowtally.server.settings;

import java.util.Arrays;
import java.util.List;
import yellowtally.core.bar.FlipSchool;
import yellowtally.core.bar.NosePolicy;
import yellowtally.core.edge.FilingSchool;
import yellowtally.core.edge.GaugeSchool;
import yellowtally.core.engine.FuelUnit;
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
            "The unit meant when none is typed, and the one lengths are shown in."),
    VOLUME_UNIT(
            "house.volume-unit",
            FuelUnit.LITRE.name(),
            names(FuelUnit.values()),
            "The unit of tanks, cans and oil: litres and millilitres, or US gallons and fluid ounces."),
    CURRENCY(
            "house.currency",
            "NONE",
            List.of("NONE", "EUR", "GBP", "USD", "CAD", "AUD", "NZD", "CHF", "SEK", "NOK", "DKK", "PLN", "CZK"),
            "The currency of prices. Changing it does not convert them."),
    NOSE_GREASE(
            "house.nose-grease",
            NosePolicy.EACH_USE.name(),
            names(NosePolicy.values()),
            "A greasable nose gets its grease at each use or never: a hole left ungreased fills with dirt. From the rim, with the chain off, a nose without a hole gets some too."),
    FILING(
            "house.filing",
            FilingSchool.HAND_AND_MACHINE.name(),
            names(FilingSchool.values()),
            "By hand with a pass on the machine now and then, by hand only, or on the machine every time."),
    GAUGES(
            "house.gauges",
            GaugeSchool.FIXED.name(),
            names(GaugeSchool.values()),
            "Depth gauges are set to one figure for life, or deeper as the cutter recedes, so that the attack angle stays."),
    GAUGE_WOOD("house.gauge-wood", "MIXED", List.of("MIXED", "SOFT"), "In soft wood a 3/8\" chain may bite deeper."),
    FLIP(
            "house.flip",
            FlipSchool.EVERY_SHARPENING.name(),
            names(FlipSchool.values()),
            "When a bar is turned over, so that both rails wear alike.");

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

    /** Whether a model or a saw may have its own. A saw's house method stands on its card. */
    boolean scoped() {
        return this == NOSE_GREASE || this == GAUGE_WOOD;
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
