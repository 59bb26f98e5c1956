package yellowtally.core.tension;

import org.jspecify.annotations.Nullable;

/**
 * How much a loop has grown, by everything that tells it, mm of loop, never below zero. What was measured counts from its
 * measurement on with the turns taken up since.
 *
 * @param byTurnsMm by the turns taken up
 * @param byPlayMm by the joint play; absent when never measured
 * @param byTenLinksMm by the length over ten drive links; absent until it was measured twice
 * @param refitsUncounted how often the set was apart after use and nothing bridged it: what was taken up then is not in the turns
 */
public record Grown(
        double byTurnsMm,
        @Nullable Double byPlayMm,
        @Nullable Double byTenLinksMm,
        int refitsUncounted) {

    /** The larger one leads everywhere: the careful figure counts (handbook section 3). */
    public double mm() {
        Double mm = by(leads());
        return mm == null ? 0 : mm;
    }

    /** What tells the larger figure; of two equal ones what was measured. */
    public GrowthSource leads() {
        GrowthSource leads = GrowthSource.TURNS;
        double most = byTurnsMm;
        for (GrowthSource source : GrowthSource.values()) {
            Double mm = by(source);
            if (mm != null && mm >= most) {
                leads = source;
                most = mm;
            }
        }
        return leads;
    }

    /** Growth by one source, mm; {@code null} where it tells nothing. */
    public @Nullable Double by(GrowthSource source) {
        return switch (source) {
            case TURNS -> Double.valueOf(byTurnsMm);
            case JOINT_PLAY -> byPlayMm;
            case TEN_LINKS -> byTenLinksMm;
        };
    }
}
