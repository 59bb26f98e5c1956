package yellowtally.core.stores;

import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.edge.EdgeSetting;
import yellowtally.core.measure.NumberText;
import yellowtally.core.settings.Numbers;

/** Which saws an item fits: by plug code, by model, by the file that a pitch asks for, else all of its power. */
public final class StockFit {

    private static final double SAME_FILE_MM = 0.05;

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
     * @param fits plug code, model or file diameter in mm by the kind of the item; {@code null} for all
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

    private static boolean isFile(String fits, double asked) {
        OptionalDouble file = NumberText.read(fits);
        return file.isPresent() && Math.abs(file.getAsDouble() - asked) < SAME_FILE_MM;
    }
}
