package yellowtally.core.drive;

import yellowtally.core.settings.Numbers;

/** What the wear groove of a sprocket means (handbook section 6), best first. */
public enum SprocketWear {
    GOOD,
    PLAN,
    REPLACE;

    /**
     * Judges a sprocket.
     *
     * @param grooveMm depth of the wear groove across the teeth, mm, zero or more
     */
    public static SprocketWear of(double grooveMm, Numbers numbers) {
        if (grooveMm >= numbers.of(DriveSetting.SPROCKET_REPLACE)) {
            return REPLACE;
        }
        return grooveMm >= numbers.of(DriveSetting.SPROCKET_PLAN) ? PLAN : GOOD;
    }
}
