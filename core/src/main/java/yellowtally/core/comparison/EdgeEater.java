package yellowtally.core.comparison;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import yellowtally.core.settings.Numbers;

/**
 * A saw whose loop loses much more cutter per tank than its sisters.
 *
 * @param mmPerTank what it loses
 * @param sistersMmPerTank what they lose, the middle one
 * @param times how many times as much
 */
public record EdgeEater(double mmPerTank, double sistersMmPerTank, double times) {

    /**
     * Compares one loop with the others of its pitch.
     *
     * @param others mm per tank of each of them
     * @return empty with too few sisters, or when it does not stand out
     */
    public static Optional<EdgeEater> of(double mmPerTank, Collection<Double> others, Numbers numbers) {
        if (others.size() < numbers.of(ComparisonSetting.LEAST_SISTERS)) {
            return Optional.empty();
        }
        List<Double> sorted = others.stream().sorted().toList();
        int n = sorted.size();
        double median = n % 2 == 1 ? sorted.get(n / 2) : (sorted.get(n / 2 - 1) + sorted.get(n / 2)) / 2;
        if (median <= 0 || mmPerTank < median * numbers.of(ComparisonSetting.EATS_TIMES) - 1e-9) {
            return Optional.empty();
        }
        return Optional.of(new EdgeEater(mmPerTank, median, mmPerTank / median));
    }
}
