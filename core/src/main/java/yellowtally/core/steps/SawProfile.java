package yellowtally.core.steps;

import org.jspecify.annotations.Nullable;
import yellowtally.core.bar.NosePolicy;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.edge.LoopCutters;
import yellowtally.core.edge.Schools;

/**
 * What a saw has, as far as steps and limits depend on it (handbook section 2).
 *
 * @param sparkArrestor whether a spark arrestor is fitted
 * @param brakeInCover whether the chain brake sits in the cover
 * @param nose of the fitted bar; {@code null} without a bar
 * @param nosePolicy whether noses get grease here
 * @param gauge of the fitted bar's groove; {@code null} without a bar
 * @param pitch of the fitted chain; {@code null} without a chain
 * @param tangMm tang depth of the fitted chain, mm; {@code null} without a chain
 * @param fireSeason whether today lies in the fire season
 * @param schools ways of working with the edge
 * @param cutters what is known of the cutter lengths; {@code null} without a chain
 * @param dressingMm groove depth that a dressing costs on this bar as learned, mm; {@code null} until it is
 * @param dressingsLeft dressings that the bar still bears (est.); {@code null} while its groove was never measured
 */
public record SawProfile(
        Power power,
        OilerKind oiler,
        boolean sparkArrestor,
        boolean brakeInCover,
        @Nullable NoseKind nose,
        NosePolicy nosePolicy,
        @Nullable Gauge gauge,
        @Nullable Pitch pitch,
        @Nullable Double tangMm,
        boolean fireSeason,
        Schools schools,
        @Nullable LoopCutters cutters,
        @Nullable Double dressingMm,
        @Nullable Integer dressingsLeft) {

    /** Burns fuel: has a plug, a filter, a starter, a clutch drum. */
    public boolean petrol() {
        return power == Power.PETROL;
    }

    /** Whether a nose that takes grease gets it here. */
    public boolean noseTakesGrease() {
        return nosePolicy.greases(nose);
    }
}
