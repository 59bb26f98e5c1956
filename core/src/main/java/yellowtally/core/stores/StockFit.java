package yellowtally.core.stores;

import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.edge.EdgeSetting;
import yellowtally.core.measure.LengthReading;
import yellowtally.core.measure.LengthText;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.settings.Numbers;

/** Which saws an item fits: by plug code, by model, by the file that a pitch asks for, else all of its power. */
public final class StockFit {

    /** Files in inches and in mm that are sold for the same chain lie closer than this (3/16 in and 4.8 mm). */
    private static final double SAME_FILE_MM = 0.15;

    /** No file is as thin as this in mm: a smaller bare figure is in inches. */
    private static final double THINNEST_MM = 1;

    private StockFit() {}

    /**
     * What of a saw decides.
     *
     * @param model make and model, one blank between
     * @param pitch of the fitted chain; {@code null} without one
     */
    public record Asks(
            boolean petrol,
            String model,
            @Nullable String plugCode,
            @Nullable Pitch pitch) {}

    /**
     * Whether an item fits a saw.
     *
     * @param fits plug code, model or file diameter by the kind of the item, in mm or inches; {@code null} for all
     */
    public static boolean fits(StockKind kind, @Nullable String fits, Asks saw, Numbers numbers) {
        if (kind.petrolOnly() && !saw.petrol()) {
            return false;
        }
        if (fits == null) {
            return true;
        }
        return switch (kind) {
            case PLUG -> fits.equalsIgnoreCase(saw.plugCode());
            case FILE -> saw.pitch() != null && isFile(fits, numbers.of(EdgeSetting.fileOf(saw.pitch())));
            default -> fits.equalsIgnoreCase(saw.model());
        };
    }

    /**
     * Whether a file is of the diameter that is asked for.
     *
     * @param fits diameter of the file as the stores have it, in mm or inches
     * @param asked diameter, mm, over zero
     */
    public static boolean isFile(String fits, double asked) {
        LengthReading read = LengthText.read(fits, LengthUnit.MM);
        if (read instanceof LengthReading.Read thin && thin.mm() < THINNEST_MM) {
            read = LengthText.read(fits, LengthUnit.INCH);
        }
        return read instanceof LengthReading.Read file && Math.abs(file.mm() - asked) < SAME_FILE_MM;
    }
}
