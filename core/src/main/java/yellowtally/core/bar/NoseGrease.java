package yellowtally.core.bar;

import yellowtally.core.settings.Numbers;

/**
 * Whether a greasable nose may take its shot (handbook section 5): every use or never, for a hole left ungreased fills with dirt, and the
 * next shot pushes the dirt into the bearing.
 *
 * @param missed uses after which no grease came, zero or more
 * @param clearFirst whether the hole must be cleared before the next shot, or the policy changed
 */
public record NoseGrease(int missed, boolean clearFirst) {

    /**
     * Reads the uses since the last shot.
     *
     * @param outings outings since; the last of them is the one whose shot is due now
     */
    public static NoseGrease of(int outings, Numbers numbers) {
        int missed = Math.max(0, outings - 1);
        return new NoseGrease(missed, missed > numbers.of(BarSetting.NOSE_MISSED));
    }
}
