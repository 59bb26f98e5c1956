package yellowtally.core.brake;

import yellowtally.core.settings.Numbers;

/** Whether a brake band still has its thickness (handbook section 8). */
public final class BandThickness {

    private BandThickness() {}

    /**
     * Whether the band is thinned past the limit.
     *
     * @param mm measured at its thinnest, mm
     */
    public static boolean tooThin(double mm, Numbers numbers) {
        return mm < numbers.of(BrakeSetting.BAND_THIN);
    }
}
