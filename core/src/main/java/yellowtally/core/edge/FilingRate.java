package yellowtally.core.edge;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;
import yellowtally.core.wear.Range;

/**
 * How much one stroke of the file takes off (handbook section 4): learned from lengths before and after past sharpenings of this
 * chain, then of its pitch, else the starting estimate.
 *
 * @param mm per stroke, over zero
 * @param source how sure it is
 * @param filings sharpenings that it stands on
 * @param range over those sharpenings, mm; {@code null} for the estimate
 */
public record FilingRate(
        double mm, RateSource source, int filings, @Nullable Range range) {

    /** Where a rate comes from, surest first. */
    public enum RateSource {
        CHAIN,
        PITCH,
        ESTIMATE
    }

    /**
     * What was learned.
     *
     * @param ofChain mm per stroke of each past sharpening of the chain
     * @param ofPitch the same of all chains of its pitch
     */
    public static FilingRate learned(List<Double> ofChain, List<Double> ofPitch, Numbers numbers) {
        List<Double> own = possible(ofChain, numbers);
        if (own.size() >= numbers.of(EdgeSetting.LEARN_CHAIN)) {
            return of(own, RateSource.CHAIN);
        }
        List<Double> sisters = possible(ofPitch, numbers);
        if (sisters.size() >= numbers.of(EdgeSetting.LEARN_PITCH)) {
            return of(sisters, RateSource.PITCH);
        }
        return new FilingRate(numbers.of(EdgeSetting.REMOVAL), RateSource.ESTIMATE, 0, null);
    }

    /**
     * What a stroke took in one sharpening.
     *
     * @param filedMm before less after, summed over the cutters that were measured both times, mm
     * @param strokes strokes on those cutters
     * @return empty without a stroke
     */
    public static Optional<Double> perStroke(double filedMm, long strokes) {
        return strokes <= 0 ? Optional.empty() : Optional.of(filedMm / strokes);
    }

    private static List<Double> possible(List<Double> rates, Numbers numbers) {
        double least = numbers.of(EdgeSetting.STROKE_LEAST);
        double most = numbers.of(EdgeSetting.STROKE_MOST);
        return rates.stream()
                .filter(rate -> rate >= least && rate <= most)
                .sorted()
                .toList();
    }

    private static FilingRate of(List<Double> sorted, RateSource source) {
        int n = sorted.size();
        double median = n % 2 == 1 ? sorted.get(n / 2) : (sorted.get(n / 2 - 1) + sorted.get(n / 2)) / 2;
        return new FilingRate(median, source, n, new Range(sorted.get(0), median, sorted.get(n - 1)));
    }
}
