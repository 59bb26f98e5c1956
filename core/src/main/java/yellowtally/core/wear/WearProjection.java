package yellowtally.core.wear;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * How fast a part wears, and what is left of it (general practice): the middle of the slopes between every two readings, so that one
 * slip of the caliper changes little. The range of what is left is made to hold eight of ten lives ({@link WearTrial}). An estimate,
 * always.
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

    /** Of eight of ten cases each way, in spreads of a bell curve. */
    private static final double EIGHT_OF_TEN = 1.2816;

    /** From the middle distance to the spread of a bell curve. */
    private static final double TO_SPREAD = 1.4826;

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
        Range perUse = perUse(slopes, run.size());
        double[] pointed = pointed(run, perUse.likely(), way);
        double worn = quantile(pointed, 0.5);
        boolean over = way * run.get(run.size() - 1).mm() >= limitMm * way;
        double remaining = over ? 0 : limitMm * way - worn;
        return Optional.of(
                new WearProjection(run.size(), perUse, left(remaining, spread(pointed, worn), perUse, numbers)));
    }

    /**
     * The middle of all slopes, and between which of them the true one lies in eight of ten cases: the order statistics that the
     * chances of their signs give (Kendall), which no single slip moves far.
     */
    private static Range perUse(double[] slopes, int readings) {
        double chance = EIGHT_OF_TEN * Math.sqrt(readings * (readings - 1.0) * (2.0 * readings + 5) / 18);
        double share = Math.min(0.5, chance / 2 / slopes.length);
        return new Range(quantile(slopes, 0.5 - share), quantile(slopes, 0.5), quantile(slopes, 0.5 + share));
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

    /**
     * Use left, as wide as eight of ten lives: by what is not known of the rate, of the wear now, and of how the rate goes on, each
     * as a share of the use left.
     */
    private static @Nullable Range left(double remaining, double spreadMm, Range perUse, Numbers numbers) {
        if (remaining <= 0) {
            return Range.ZERO;
        }
        if (perUse.likely() <= 0) {
            return null;
        }
        double goesOn = EIGHT_OF_TEN * numbers.of(WearSetting.RATE_CHANGES);
        double now = EIGHT_OF_TEN * spreadMm / remaining;
        double faster = perUse.high() / perUse.likely() - 1;
        double likely = remaining / perUse.likely();
        double low = likely / (1 + norm(faster, now, goesOn));
        if (perUse.low() <= 0) {
            return new Range(low, likely, Double.POSITIVE_INFINITY);
        }
        double slower = perUse.likely() / perUse.low() - 1;
        return new Range(low, likely, likely * (1 + norm(slower, now, goesOn)));
    }

    private static double norm(double... parts) {
        return Math.sqrt(Arrays.stream(parts).map(part -> part * part).sum());
    }

    /** How far the wear now may be off, mm: what the readings scatter around their line, as the middle of them does. */
    private static double spread(double[] pointed, double worn) {
        double[] off = new double[pointed.length];
        Arrays.setAll(off, i -> Math.abs(pointed[i] - worn));
        Arrays.sort(off);
        return TO_SPREAD * quantile(off, 0.5) / Math.sqrt(off.length);
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

    /** Where each reading points to by now, in rising order; the middle of them is the wear now. */
    private static double[] pointed(List<WearPoint> run, double slope, double way) {
        WearPoint last = run.get(run.size() - 1);
        return run.stream()
                .mapToDouble(p -> way * p.mm() + Math.max(0, slope) * (last.use() - p.use()))
                .sorted()
                .toArray();
    }

    private static double quantile(double[] sorted, double share) {
        double place = share * (sorted.length - 1);
        int below = (int) Math.floor(place);
        int above = Math.min(below + 1, sorted.length - 1);
        return sorted[below] + (place - below) * (sorted[above] - sorted[below]);
    }
}
