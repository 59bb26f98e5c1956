package yellowtally.core.edge;

import yellowtally.core.settings.Numbers;

/** What a depth-gauge setting means (handbook section 4), from too little bite to too much. */
public enum DepthGauge {
    /** Gauge too high: fine dust, no feed. File it. */
    FILE,
    GOOD,
    /** Gauge too low: grabs. Held for edge work. */
    TOO_LOW,
    /** Far too low: not to be used. */
    KICKBACK_RISK;

    /**
     * Judges a setting.
     *
     * @param settingMm how far the gauge lies below the cutter edge, mm; below zero it stands above it, which is no edge
     * @param targetMm the setting to aim at, see {@link GaugeTarget}
     */
    public static DepthGauge of(double settingMm, double targetMm, Numbers numbers) {
        double over = Math.round((settingMm - targetMm) * 1000) / 1000.0;
        if (over >= numbers.of(EdgeSetting.GAUGE_KICKBACK)) {
            return KICKBACK_RISK;
        }
        if (over >= numbers.of(EdgeSetting.GAUGE_LOW)) {
            return TOO_LOW;
        }
        return over < -numbers.of(EdgeSetting.GAUGE_FILE) ? FILE : GOOD;
    }
}
