package yellowtally.core.cuttingset;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Does a set fit? Chain pitch = sprocket pitch = nose pitch; chain gauge = groove gauge; drive-link count = what the bar
 * asks for (handbook section 2). A misfit blocks fitting.
 */
public final class FitCheck {

    private FitCheck() {}

    /**
     * Compares the parts that are there; a part not chosen yet ({@code null}) is left out of the comparison.
     *
     * @return every misfit found, in the order pitch, gauge, drive links; empty when nothing disagrees
     */
    public static List<Misfit> misfits(
            @Nullable LoopSpec loop, @Nullable BarSpec bar, @Nullable SprocketSpec sprocket) {
        List<Misfit> found = new ArrayList<>();
        if (loop != null && sprocket != null) {
            comparePitch(found, Misfit.Kind.CHAIN_PITCH_AND_SPROCKET, loop.pitch(), sprocket.pitch());
        }
        if (loop != null && bar != null) {
            // A solid nose has no teeth, yet its drive-link count holds for its own pitch only: a mismatch still
            // blocks.
            comparePitch(found, Misfit.Kind.CHAIN_PITCH_AND_BAR, loop.pitch(), bar.pitch());
            if (loop.gauge() != bar.gauge()) {
                found.add(new Misfit(
                        Misfit.Kind.CHAIN_GAUGE_AND_BAR,
                        loop.gauge().label(),
                        bar.gauge().label()));
            }
            if (loop.driveLinks() != bar.driveLinks()) {
                found.add(new Misfit(
                        Misfit.Kind.DRIVE_LINKS_AND_BAR,
                        Integer.toString(loop.driveLinks()),
                        Integer.toString(bar.driveLinks())));
            }
        } else if (sprocket != null && bar != null) {
            comparePitch(found, Misfit.Kind.SPROCKET_PITCH_AND_BAR, sprocket.pitch(), bar.pitch());
        }
        return List.copyOf(found);
    }

    private static void comparePitch(List<Misfit> found, Misfit.Kind kind, Pitch has, Pitch asks) {
        if (has != asks) {
            found.add(new Misfit(kind, has.label(), asks.label()));
        }
    }
}
