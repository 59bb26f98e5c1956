package yellowtally.core.oiling;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * How much bar oil goes beside the fuel (handbook section 7): over the last outings that reach the least number of tanks
 * together. What lies before the last passing oil card says nothing any more.
 *
 * @param ratio tanks of oil for each of fuel
 * @param tanks of fuel that it stands on
 * @param trend against as many tanks before; {@link Trend#UNKNOWN} with too few
 */
public record OilRatio(double ratio, double tanks, OilVerdict verdict, Trend trend) {

    private static final double ROUNDING = 1e-9;

    /** What a ratio means, driest first. */
    public enum OilVerdict {
        /** Hold. */
        NOT_OILING,
        /** Check before use. */
        LOW,
        RIGHT,
        /** Runs dry before the fuel does, or leaks. */
        HIGH
    }

    /** Where it goes. */
    public enum Trend {
        FALLING,
        STEADY,
        RISING,
        UNKNOWN
    }

    /**
     * Reads a ratio off the records.
     *
     * @param uses outings with both figures, any order
     * @param since the last passing oil card; {@code null} for none
     * @return empty with too few tanks to tell
     */
    public static Optional<OilRatio> of(List<OilUse> uses, @Nullable Instant since, Numbers numbers) {
        List<OilUse> latestFirst = uses.stream()
                .filter(use -> use.tanks() > 0)
                .sorted(Comparator.comparing(OilUse::at).reversed())
                .toList();
        double least = numbers.of(OilingSetting.LEAST_TANKS);
        Window now = Window.of(
                latestFirst.stream()
                        .filter(use -> since == null || use.at().isAfter(since))
                        .toList(),
                least);
        if (now.tanks < least - ROUNDING) {
            return Optional.empty();
        }
        Window before = Window.of(latestFirst.subList(now.outings, latestFirst.size()), least);
        Trend trend = before.tanks < least - ROUNDING
                ? Trend.UNKNOWN
                : trend(now.ratio() - before.ratio(), numbers.of(OilingSetting.TREND));
        return Optional.of(new OilRatio(now.ratio(), now.tanks, verdict(now.ratio(), numbers), trend));
    }

    /** What a ratio means; more oil never gets a drier verdict. */
    public static OilVerdict verdict(double ratio, Numbers numbers) {
        if (ratio < numbers.of(OilingSetting.NONE_UNDER) - ROUNDING) {
            return OilVerdict.NOT_OILING;
        }
        if (ratio < numbers.of(OilingSetting.LOW_UNDER) - ROUNDING) {
            return OilVerdict.LOW;
        }
        return ratio > numbers.of(OilingSetting.HIGH_OVER) + ROUNDING ? OilVerdict.HIGH : OilVerdict.RIGHT;
    }

    private static Trend trend(double difference, double limit) {
        return Math.abs(difference) <= limit ? Trend.STEADY : difference > 0 ? Trend.RISING : Trend.FALLING;
    }

    /** The last outings that reach the least number of tanks. */
    private record Window(double tanks, double oil, int outings) {

        static Window of(List<OilUse> latestFirst, double least) {
            double tanks = 0;
            double oil = 0;
            int outings = 0;
            while (outings < latestFirst.size() && tanks < least - ROUNDING) {
                tanks += latestFirst.get(outings).tanks();
                oil += latestFirst.get(outings).oilTanks();
                outings++;
            }
            return new Window(tanks, oil, outings);
        }

        double ratio() {
            return oil / tanks;
        }
    }
}
