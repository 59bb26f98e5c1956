package yellowtally.server.fleet;

import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.CutterSequence;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.cuttingset.SprocketKind;

/**
 * A cutting set as chosen on a screen. Each part is one that exists, by its tag, or a new one with its figures; absent means
 * not fitted.
 *
 * @param figures bar, loop and sprocket named in one line, which the new parts among them have; absent where each has its own
 * @param newChain whether the loop has never run, which opens the three rechecks
 * @param soakHours how long a new loop lay in oil
 */
public record SetInput(
        @Nullable ChainInput chain,
        @Nullable BarInput bar,
        @Nullable SprocketInput sprocket,
        @Nullable String figures,
        @Nullable Boolean newChain,
        @Nullable Double soakHours,
        @Nullable String note) {

    /** The same with a word more. */
    SetInput noted(String more) {
        return new SetInput(
                chain,
                bar,
                sprocket,
                figures,
                newChain,
                soakHours,
                note == null || note.isBlank() ? more : more + " " + note);
    }

    /** A loop: the tag alone for one that exists, with figures for a new one. */
    public record ChainInput(
            String tag,
            boolean create,
            @Nullable Pitch pitch,
            @Nullable Gauge gauge,
            @Nullable Integer driveLinks,
            @Nullable CutterSequence sequence,
            SawChoices.@Nullable CutterProfile cutterProfile,
            @Nullable Double topPlateAngle,
            @Nullable Double downTilt,
            @Nullable String tangDepth,
            @Nullable String newCutter,
            @Nullable String wearMark,
            @Nullable String file) {}

    /** A bar: the tag alone for one that exists, with figures for a new one. Length as typed, inches when no unit. */
    public record BarInput(
            String tag,
            boolean create,
            @Nullable String length,
            @Nullable Pitch pitch,
            @Nullable Gauge gauge,
            @Nullable Integer driveLinks,
            @Nullable NoseKind nose) {}

    /** A sprocket: the tag alone for one that exists, with figures for a new one. */
    public record SprocketInput(
            String tag,
            boolean create,
            @Nullable SprocketKind kind,
            @Nullable Integer teeth,
            @Nullable Pitch pitch) {}
}
