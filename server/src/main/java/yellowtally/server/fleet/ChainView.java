package yellowtally.server.fleet;

import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.Pitch;

/** A loop as the screens see it; {@code onSaw} is the tag of the saw it hangs on, absent on the shelf. */
public record ChainView(
        String tag,
        Pitch pitch,
        Gauge gauge,
        int driveLinks,
        double loopLengthMm,
        SawChoices.CutterSequence sequence,
        SawChoices.CutterProfile cutterProfile,
        double topPlateAngle,
        double downTilt,
        @Nullable Double tangDepthMm,
        @Nullable String onSaw) {

    static ChainView of(Chain chain, @Nullable String onSaw) {
        return new ChainView(
                chain.tag(),
                chain.pitch(),
                chain.gauge(),
                chain.driveLinks(),
                chain.spec().lengthMm(),
                chain.sequence(),
                chain.cutterProfile(),
                chain.topPlateAngle(),
                chain.downTilt(),
                chain.tangDepthMm(),
                onSaw);
    }
}
