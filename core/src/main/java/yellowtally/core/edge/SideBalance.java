package yellowtally.core.edge;

import java.util.Collection;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * Whether the two sides of a loop are of one length (handbook section 4).
 *
 * @param leftMm mean length of the left cutters, mm
 * @param rightMm mean length of the right ones, mm
 * @param differenceMm left less right, mm
 * @param leadsTo the side toward which the saw cuts its curve: that of the longer cutters; {@code null} when it cuts straight
 */
public record SideBalance(
        double leftMm,
        double rightMm,
        double differenceMm,
        BalanceVerdict verdict,
        @Nullable Side leadsTo) {

    /** What a difference means, best first. */
    public enum BalanceVerdict {
        EVEN,
        /** The saw leads in a curve. */
        CURVES,
        /** Not just touched up: brought to one length. */
        EQUALISE
    }

    /** Judges two means, mm. */
    public static SideBalance of(double leftMm, double rightMm, Numbers numbers) {
        // Rounded before it gets its sign, so that either side is judged alike.
        double off = Math.round(Math.abs(leftMm - rightMm) * 1000) / 1000.0;
        double difference = leftMm >= rightMm || off == 0 ? off : -off;
        BalanceVerdict verdict = off > numbers.of(EdgeSetting.BALANCE_EQUALISE)
                ? BalanceVerdict.EQUALISE
                : off > numbers.of(EdgeSetting.BALANCE_CURVE) ? BalanceVerdict.CURVES : BalanceVerdict.EVEN;
        Side leads = verdict == BalanceVerdict.EVEN ? null : difference > 0 ? Side.LEFT : Side.RIGHT;
        return new SideBalance(leftMm, rightMm, difference, verdict, leads);
    }

    /** Judges cutters; healthy ones count, and there must be one on each side. */
    public static SideBalance of(Collection<Cutter> cutters, Numbers numbers) {
        return of(mean(cutters, Side.LEFT), mean(cutters, Side.RIGHT), numbers);
    }

    private static double mean(Collection<Cutter> cutters, Side side) {
        return cutters.stream()
                .filter(c -> c.side() == side && c.healthy())
                .mapToDouble(c -> c.mm() == null ? 0 : c.mm())
                .average()
                .orElseThrow(() -> new IllegalArgumentException("no cutter measured on the side " + side));
    }
}
