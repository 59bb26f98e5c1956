package yellowtally.core.tension;

import yellowtally.core.settings.Numbers;

/** Was a new loop soaked in oil long enough before fitting (handbook section 3)? */
public enum SoakVerdict {
    GOOD,
    /** Longer than the least, shorter than the good time. */
    SHORT,
    TOO_SHORT;

    /**
     * Judges a soak.
     *
     * @param hours hours in oil, zero or more
     */
    public static SoakVerdict of(double hours, Numbers settings) {
        if (hours >= settings.of(TensionSetting.SOAK_GOOD)) {
            return GOOD;
        }
        return hours >= settings.of(TensionSetting.SOAK_LEAST) ? SHORT : TOO_SHORT;
    }
}
