package yellowtally.core.tension;

import yellowtally.core.cuttingset.BarSpec;
import yellowtally.core.settings.Numbers;

/**
 * The saw as tension sees it.
 *
 * @param barLengthMm nominal bar length S in mm
 * @param tangDepthMm tang depth of this chain in mm, measured or the standard of its pitch, over zero
 * @param work what the saw does next
 * @param adjusterLeadMm how far one turn moves the bar, mm per turn, over zero
 */
public record TensionSubject(double barLengthMm, double tangDepthMm, Work work, double adjusterLeadMm) {

    public TensionSubject {
        if (!(barLengthMm >= BarSpec.MIN_LENGTH_MM && barLengthMm <= BarSpec.MAX_LENGTH_MM)) {
            throw new IllegalArgumentException("bar length outside 152 to 1524 mm: " + barLengthMm);
        }
        if (!(tangDepthMm > 0 && tangDepthMm <= 20)) {
            throw new IllegalArgumentException("tang depth outside 0 to 20 mm: " + tangDepthMm);
        }
        if (!(adjusterLeadMm > 0 && adjusterLeadMm <= 5)) {
            throw new IllegalArgumentException("adjuster lead outside 0 to 5 mm per turn: " + adjusterLeadMm);
        }
    }

    /** Whether a bar is so long that it sags by itself: read by rail touch, or supported (handbook section 3). */
    public static boolean longBar(double barLengthMm, Numbers settings) {
        return barLengthMm > settings.of(TensionSetting.LONG_BAR) + 1e-6;
    }
}
