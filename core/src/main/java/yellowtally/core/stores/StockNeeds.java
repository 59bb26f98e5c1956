package yellowtally.core.stores;

import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;

/**
 * What the work that waits on a saw will take from the shelf.
 *
 * @param stock counted items
 * @param parts tagged parts of its cutting set, one of each
 */
public record StockNeeds(Map<StockKind, Double> stock, Set<Subject> parts) {

    public StockNeeds {
        stock = Map.copyOf(stock);
        parts = Set.copyOf(parts);
    }

    /**
     * Reads the needs off what was found and what a visit would do.
     *
     * @param found what was found and still waits, holds among it
     * @param planned steps of the next visit
     */
    public static StockNeeds of(SawProfile saw, Collection<Finding> found, Collection<Step> planned) {
        Map<StockKind, Double> stock = new EnumMap<>(StockKind.class);
        Set<Subject> parts = EnumSet.noneOf(Subject.class);
        for (Finding finding : found) {
            StockKind kind = replacedBy(finding);
            if (kind != null) {
                stock.merge(kind, 1.0, Math::max);
            }
        }
        for (Step step : planned) {
            if (step.replaces() != null) {
                parts.add(step.replaces());
            }
        }
        if (parts.contains(Subject.SPROCKET) && saw.petrol()) {
            // The needle bearing is new with each new sprocket.
            stock.merge(StockKind.NEEDLE_BEARING, 1.0, Math::max);
        }
        return new StockNeeds(stock, parts);
    }

    private static @Nullable StockKind replacedBy(Finding finding) {
        return switch (finding) {
            case PLUG_WORN, PLUG_WHITE -> StockKind.PLUG;
            case FILTER_WORN -> StockKind.AIR_FILTER;
            case SCREEN_HOLED, SCREEN_MISSING -> StockKind.ARRESTOR_SCREEN;
            case PICK_UP_CLOGGED -> StockKind.PICK_UP_FILTER;
            case BEARING_ROUGH -> StockKind.NEEDLE_BEARING;
            default -> null;
        };
    }
}
