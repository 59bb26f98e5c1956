package yellowtally.core.comparison;

import java.util.List;
import java.util.Optional;
import yellowtally.core.edge.Side;
import yellowtally.core.settings.Numbers;

/**
 * A side that is nearly always the shorter one: a hand that presses harder there, or a vice that stands askew.
 *
 * @param side the shorter one
 * @param times sharpenings in which it was shorter
 * @param of sharpenings with both sides measured
 * @param meanMm mean difference over all of them, mm
 */
public record ShorterSide(Side side, int times, int of, double meanMm) {

    /**
     * Reads the differences of past sharpenings, left less right, mm, as they were found.
     *
     * @return empty with too few, or when the sides take turns
     */
    public static Optional<ShorterSide> of(List<Double> differences, Numbers numbers) {
        if (differences.size() < numbers.of(ComparisonSetting.SIDE_LEAST)) {
            return Optional.empty();
        }
        double least = numbers.of(ComparisonSetting.SIDE_MM);
        int left = (int) differences.stream().filter(d -> d <= -least).count();
        int right = (int) differences.stream().filter(d -> d >= least).count();
        int most = Math.max(left, right);
        if (most * 100.0 < differences.size() * numbers.of(ComparisonSetting.SIDE_SHARE)) {
            return Optional.empty();
        }
        double mean =
                differences.stream().mapToDouble(Double::doubleValue).average().orElse(0);
        return Optional.of(
                new ShorterSide(left > right ? Side.LEFT : Side.RIGHT, most, differences.size(), Math.abs(mean)));
    }
}
