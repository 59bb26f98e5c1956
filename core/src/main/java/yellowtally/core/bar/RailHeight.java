package yellowtally.core.bar;

import yellowtally.core.settings.Numbers;

/** What a difference between the two rails means (handbook section 5), best first. */
public enum RailHeight {
    LEVEL,
    /** Dress both rails together. */
    DRESS,
    SCRAP;

    /**
     * Judges the rails.
     *
     * @param differenceMm height of one rail over the other, mm, zero or more
     */
    public static RailHeight of(double differenceMm, Numbers numbers) {
        if (differenceMm > numbers.of(BarSetting.RAILS_SCRAP)) {
            return SCRAP;
        }
        return differenceMm >= numbers.of(BarSetting.RAILS_DRESS) ? DRESS : LEVEL;
    }
}
