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
}
