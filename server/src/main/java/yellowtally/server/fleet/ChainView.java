package yellowtally.server.fleet;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.CutterSequence;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.Pitch;

/** A loop as the screens see it; {@code onSaw} is the tag of the saw it hangs on, absent on the shelf. */
public record ChainView(
        String tag,
        Pitch pitch,
        Gauge gauge,
        int driveLinks,
        double loopLengthMm,
        CutterSequence sequence,
        SawChoices.CutterProfile cutterProfile,
        double topPlateAngle,
        double downTilt,
        @Nullable Double tangDepthMm,
        @Nullable Double newCutterMm,
        @Nullable Double wearMarkMm,
        @Nullable Double fileMm,
        int cutters,
        @Nullable Integer costCents,
        @Nullable Instant retiredAt,
        @Nullable String onSaw) {

    public static ChainView of(Chain chain, @Nullable String onSaw) {
        OfItsMaker maker = chain.ofItsMaker();
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
                maker.tangDepthMm(),
                maker.newCutterMm(),
                maker.wearMarkMm(),
                maker.fileMm(),
                chain.cutters(),
                chain.costCents(),
                chain.retiredAt(),
                onSaw);
    }
}
