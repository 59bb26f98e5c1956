package yellowtally.server.fleet;

import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.TensionSetting;

/**
 * What a chain is by its make, as rules ask for it.
 *
 * @param spec what it brings to the fit check
 * @param cutters of the loop, left and right together
 * @param tangDepthMm as measured on it; {@code null} for that of its pitch
 * @param newCutterMm length of its cutters when new; {@code null} when not measured
 */
public record Loop(
        LoopSpec spec,
        int cutters,
        @Nullable Double tangDepthMm,
        @Nullable Double newCutterMm) {

    public Pitch pitch() {
        return spec.pitch();
    }

    /** Tang depth, mm: as measured on it, else that of its pitch (handbook section 3). */
    public double tangMm(Numbers numbers) {
        return tangDepthMm == null ? numbers.of(TensionSetting.tangDepthOf(spec.pitch())) : tangDepthMm;
    }
}
