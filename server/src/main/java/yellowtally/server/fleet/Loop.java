package yellowtally.server.fleet;

import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.TensionSetting;

/**
 * What a chain is by its make, as rules ask for it.
 *
 * @param spec what it brings to the fit check
 * @param cutters of the loop, left and right together
 * @param maker what was measured on it when new, or is marked on it
 */
public record Loop(LoopSpec spec, int cutters, OfItsMaker maker) {

    public Pitch pitch() {
        return spec.pitch();
    }

    /** Tang depth, mm: as measured on it, else that of its pitch (handbook section 3). */
    public double tangMm(Numbers numbers) {
        Double measured = maker.tangDepthMm();
        return measured == null ? numbers.of(TensionSetting.tangDepthOf(spec.pitch())) : measured;
    }
}
