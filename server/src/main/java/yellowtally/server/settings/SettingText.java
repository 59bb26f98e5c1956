package yellowtally.server.settings;

import java.util.OptionalDouble;
import yellowtally.core.engine.VolumeText;
import yellowtally.core.measure.LengthReading;
import yellowtally.core.measure.LengthText;
import yellowtally.core.measure.NumberText;
import yellowtally.core.measure.Rounding;
import yellowtally.core.settings.SettingUnit;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Said;

/** A number of a setting as it is typed and said: lengths and volumes in the units of the fleet, all else as it is. */
final class SettingText {

    /** No standard value of a plain number has more decimals. */
    private static final int DIGITS = 4;

    private SettingText() {}

    /** The figure in the setting's own unit; empty when the text is none. */
    static OptionalDouble read(String text, SettingUnit unit, HouseUnits house) {
        return switch (unit) {
            case MM ->
                LengthText.read(text, house.lengthUnit()) instanceof LengthReading.Read length
                        ? OptionalDouble.of(length.mm())
                        : OptionalDouble.empty();
            case MILLILITRES -> VolumeText.read(text, house.volumeUnit());
            default -> NumberText.read(text);
        };
    }

    /** The figure for a sentence; the end of a range as it is meant. */
    static Object said(double figure, SettingUnit unit, Rounding rounding) {
        return switch (unit) {
            case MM -> new Said.Length(figure, rounding);
            case MILLILITRES -> new Said.Volume(figure, rounding);
            default -> Double.valueOf(figure);
        };
    }

    /** What a setting takes, in words: each end is rounded into the range, as a refusal says it. */
    static String range(double min, double max, SettingUnit unit, HouseUnits house) {
        return text(min, unit, Rounding.UP, house) + " to " + text(max, unit, Rounding.DOWN, house);
    }

    private static String text(double figure, SettingUnit unit, Rounding rounding, HouseUnits house) {
        return said(figure, unit, rounding) instanceof Said said
                ? said.in(house)
                : NumberText.said(figure, DIGITS, rounding);
    }
}
