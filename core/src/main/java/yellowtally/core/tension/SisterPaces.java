package yellowtally.core.tension;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * How fast the loops of one pitch take up, mm per tank each, for comparing one of them with the others.
 *
 * @param sorted paces in rising order
 */
public record SisterPaces(List<Double> sorted) {

    /** No sisters known. */
    public static final SisterPaces NONE = new SisterPaces(List.of());

    public SisterPaces {
        sorted = sorted.stream().sorted().toList();
    }

    /**
     * Median of the others.
     *
     * @param own the pace of the loop that is compared, left out once; {@code null} when it has none
     * @return {@code null} with too few others
     */
    public @Nullable Double medianWithout(@Nullable Double own, Numbers numbers) {
        int without = own == null ? -1 : sorted.indexOf(own);
        int others = sorted.size() - (without < 0 ? 0 : 1);
        if (others < numbers.of(TensionSetting.TAKE_UP_SISTERS)) {
            return null;
        }
        double upper = other(others / 2, without);
        return others % 2 == 1 ? upper : (other(others / 2 - 1, without) + upper) / 2;
    }

    private double other(int index, int without) {
        return sorted.get(without >= 0 && index >= without ? index + 1 : index);
    }
}
