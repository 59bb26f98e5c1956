package yellowtally.core.wear;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * How fast a part wears, and what is left of it (general practice): the middle of the slopes between every two readings, so that one
 * slip of the caliper changes little; the range is that of the middle half of the slopes. An estimate, always.
 *
 * @param readings how many it stands on
 * @param perUse wear per tank or per sharpening, mm; below zero where readings seem to heal
 * @param left use that is left until the limit; {@code null} while no wear is seen
 */
public record WearProjection(
        int readings, Range perUse, @Nullable Range left) {

    /** Older readings are left out: a part is judged by how it wears of late, and the cost stays bounded. */
    public static final int MOST_READINGS = 30;

    private static final double NO_USE = 1e-9;

    /**
     * Projects readings.
     *
     * @param points in order of use
     * @param limitMm where the part is worn out
     * @param leastUse use from the first to the last reading below which nothing is said
     * @return empty with too few readings, or too close together
     */
    public static Optional<WearProjection> of(
            List<WearPoint> points, WearKind kind, double limitMm, double leastUse, Numbers numbers) {
        List<WearPoint> run = latest(points);
        if (distinct(run) < numbers.of(WearSetting.LEAST_READINGS)
                || run.get(run.size() - 1).use() - run.get(0).use() < leastUse) {
            return Optional.empty();
        }
        double way = kind.rising() ? 1 : -1;
        double[] slopes = slopes(run, way);
        Range perUse = new Range(quantile(slopes, 0.25), quantile(slopes, 0.5), quantile(slopes, 0.75));
        double remaining = limitMm * way - worn(run, perUse.likely(), way);
        return Optional.of(new WearProjection(run.size(), perUse, left(remaining, perUse)));
    }

    /** What a projection looks at of a list in order of time: its latest {@value #MOST_READINGS}, or fewer. */
    public static <T> List<T> latest(List<T> inOrder) {
        return inOrder.subList(Math.max(0, inOrder.size() - MOST_READINGS), inOrder.size());
    }

    /** The same over tanks, with the least use from the settings. */
    public static Optional<WearProjection> overTanks(
            List<WearPoint> points, WearKind kind, double limitMm, Numbers numbers) {
        return of(points, kind, limitMm, numbers.of(WearSetting.LEAST_TANKS), numbers);
    }

    private static @Nullable Range left(double remaining, Range perUse) {
        if (remaining <= 0) {
            return Range.ZERO;
        }
        if (perUse.likely() <= 0) {
            return null;
        }
        double late = perUse.low() <= 0 ? Double.POSITIVE_INFINITY : remaining / perUse.low();
        return new Range(remaining / perUse.high(), remaining / perUse.likely(), late);
    }

    private static long distinct(List<WearPoint> run) {
        return run.stream().mapToDouble(WearPoint::use).distinct().count();
    }

    private static double[] slopes(List<WearPoint> run, double way) {
        double[] use = run.stream().mapToDouble(WearPoint::use).toArray();
        double[] worn = run.stream().mapToDouble(point -> way * point.mm()).toArray();
        double[] slopes = new double[use.length * (use.length - 1) / 2];
        int found = 0;
        for (int i = 0; i < use.length; i++) {
            for (int j = i + 1; j < use.length; j++) {
                double between = use[j] - use[i];
                if (between > NO_USE) {
                    slopes[found++] = (worn[j] - worn[i]) / between;
                }
            }
        }
        double[] sorted = Arrays.copyOf(slopes, found);
        Arrays.sort(sorted);
        return sorted;
    }

    /** The wear now: the worse of the last reading and of where all of them point. */
    private static double worn(List<WearPoint> run, double slope, double way) {
        WearPoint last = run.get(run.size() - 1);
        double[] pointed = run.stream()
                .mapToDouble(p -> way * p.mm() + Math.max(0, slope) * (last.use() - p.use()))
                .sorted()
                .toArray();
        return Math.max(way * last.mm(), quantile(pointed, 0.5));
    }

    private static double quantile(double[] sorted, double share) {
        double place = share * (sorted.length - 1);
        int below = (int) Math.floor(place);
        int above = Math.min(below + 1, sorted.length - 1);
        return sorted[below] + (place - below) * (sorted[above] - sorted[below]);
    }
}
