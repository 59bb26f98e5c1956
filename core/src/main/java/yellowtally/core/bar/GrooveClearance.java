package yellowtally.core.bar;

import yellowtally.core.settings.Numbers;

/**
 * Room between the tangs and the bottom of the groove (handbook section 5).
 *
 * @param mm groove depth less tang depth, may be negative when the tips touch the bottom
 * @param verdict what it means
 * @param dressingsLeft dressings of the rails until scrap (est.), zero or more
 */
public record GrooveClearance(double mm, Verdict verdict, int dressingsLeft) {

    /** What a clearance means, best first. */
    public enum Verdict {
        GOOD,
        WATCH,
        SCRAP
    }

    /**
     * Judges a groove.
     *
     * @param depthMm measured groove depth, mm
     * @param tangMm tang depth of the chain, mm
     */
    public static GrooveClearance of(double depthMm, double tangMm, Numbers numbers) {
        return of(depthMm, tangMm, numbers.of(BarSetting.DRESSING_COST), numbers);
    }

    /**
     * The same with what a dressing costs on this bar, as learned.
     *
     * @param dressingMm groove depth that one dressing costs, mm, over zero
     */
    public static GrooveClearance of(double depthMm, double tangMm, double dressingMm, Numbers numbers) {
        // Readings come in hundredths; rounding keeps 6.5 - 6.0 from being 0.4999.
        double clearance = Math.round((depthMm - tangMm) * 1000) / 1000.0;
        double scrapAt = numbers.of(BarSetting.CLEARANCE_SCRAP);
        Verdict verdict = clearance <= scrapAt
                ? Verdict.SCRAP
                : clearance < numbers.of(BarSetting.CLEARANCE_WATCH) ? Verdict.WATCH : Verdict.GOOD;
        double left = (clearance - scrapAt) / dressingMm;
        return new GrooveClearance(clearance, verdict, (int) Math.max(0, Math.floor(left + 1e-9)));
    }
}
