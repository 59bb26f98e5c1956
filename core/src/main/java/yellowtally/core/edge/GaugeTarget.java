package yellowtally.core.edge;

import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.settings.Numbers;

/** How far a depth gauge should lie below the cutter edge (handbook section 4). */
public final class GaugeTarget {

    private GaugeTarget() {}

    /**
     * The setting to aim at, mm. Progressive: s0 × (D0 + wear) / D0.
     *
     * @param wearMm what was filed off the cutters since new, mm, zero or more
     */
    public static double of(Pitch pitch, Schools schools, double wearMm, Numbers numbers) {
        boolean soft = schools.softWood() && pitch == Pitch.P_3_8;
        double fixed = numbers.of(soft ? EdgeSetting.GAUGE_3_8_SOFT : EdgeSetting.gaugeSettingOf(pitch));
        if (schools.gauges() == GaugeSchool.FIXED) {
            return fixed;
        }
        double distance = numbers.of(EdgeSetting.GAUGE_DISTANCE);
        return Math.round(fixed * (distance + Math.max(0, wearMm)) / distance * 1000) / 1000.0;
    }
}
