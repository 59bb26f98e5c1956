package yellowtally.core.bar;

import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.settings.Numbers;

/** Whether a groove still guides the chain (handbook section 5). */
public final class GrooveWidth {

    private GrooveWidth() {}

    /**
     * Whether the groove is worn too wide: the chain would tip sideways.
     *
     * @param widthMm measured groove width, mm
     */
    public static boolean tooWide(double widthMm, Gauge gauge, Numbers numbers) {
        return widthMm - gauge.mm() > numbers.of(BarSetting.GROOVE_OVER_GAUGE) + 1e-9;
    }
}
