package yellowtally.core.oiling;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * How much bar oil goes beside the fuel (handbook section 7): over the last outings that reach the least number of tanks
 * together. What lies before the last passing oil card says nothing any more of too little; too much it does not clear, since a
 * card that passes proves no leak away.
 *
 * @param ratio tanks of oil for each of fuel, charge or run hour
 * @param share of what is usual, 1 is usual
 * @param usual what the share is taken of
 * @param tanks of fuel, charges or run hours that it stands on
 * @param trend against as many tanks before; {@link Trend#UNKNOWN} with too few
 * @param stillFull whether a whole tank was burned with the oil still full: said at once, however few tanks there are
 */
public record OilRatio(
        double ratio, double share, OilUsual usual, double tanks, OilVerdict verdict, Trend trend, boolean stillFull) {

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
     * @param usual what this saw is to use
     * @return empty with too few tanks to tell
     */
    public static Optional<OilRatio> of(List<OilUse> uses, @Nullable Instant since, OilUsual usual, Numbers numbers) {
        List<OilUse> latestFirst = uses.stream()
                .filter(use -> use.tanks() > 0)
                .sorted(Comparator.comparing(OilUse::at).reversed())
                .toList();
        List<OilUse> sinceCard = latestFirst.stream()
                .filter(use -> since == null || use.at().isAfter(since))
                .toList();
        double least = numbers.of(OilingSetting.LEAST_TANKS);
        boolean full = full(sinceCard, numbers);
        Window now = Window.of(sinceCard, least);
        if (full || now.tanks >= least - ROUNDING) {
            return Optional.of(read(now, latestFirst, usual, full, numbers));
        }
        // Too much is not cleared by a card: a leak is not where the card is.
        OilRatio all = read(Window.of(latestFirst, least), latestFirst, usual, false, numbers);
        return all.tanks >= least - ROUNDING && all.verdict == OilVerdict.HIGH ? Optional.of(all) : Optional.empty();
    }

    /** Whether the outings of late, together a whole tank, left the oil as full as it was. */
    private static boolean full(List<OilUse> latestFirst, Numbers numbers) {
        double tanks = 0;
        double oil = 0;
        for (OilUse use : latestFirst) {
            oil += use.oilTanks();
            if (oil > numbers.of(OilingSetting.FULL_SHARE) + ROUNDING) {
                return false;
            }
            tanks += use.tanks();
            if (tanks >= numbers.of(OilingSetting.FULL_TANKS) - ROUNDING) {
                return true;
            }
        }
        return false;
    }

    private static OilRatio read(Window now, List<OilUse> latestFirst, OilUsual usual, boolean full, Numbers numbers) {
        double least = numbers.of(OilingSetting.LEAST_TANKS);
        Window before = Window.of(latestFirst.subList(now.outings, latestFirst.size()), least);
        Trend trend = before.tanks < least - ROUNDING || now.tanks < least - ROUNDING
                ? Trend.UNKNOWN
                : trend((now.ratio() - before.ratio()) / usual.perTank(), numbers.of(OilingSetting.TREND));
        double share = now.ratio() / usual.perTank();
        OilVerdict verdict = full ? OilVerdict.NOT_OILING : verdict(share, numbers);
        return new OilRatio(now.ratio(), share, usual, now.tanks, verdict, trend, full);
    }

    /** What a share of the usual means; more oil never gets a drier verdict. */
    public static OilVerdict verdict(double share, Numbers numbers) {
        if (share < numbers.of(OilingSetting.NONE_UNDER) - ROUNDING) {
            return OilVerdict.NOT_OILING;
        }
        if (share < numbers.of(OilingSetting.LOW_UNDER) - ROUNDING) {
            return OilVerdict.LOW;
        }
        return share > numbers.of(OilingSetting.HIGH_OVER) + ROUNDING ? OilVerdict.HIGH : OilVerdict.RIGHT;
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
            return tanks <= 0 ? 0 : oil / tanks;
        }
    }
}
