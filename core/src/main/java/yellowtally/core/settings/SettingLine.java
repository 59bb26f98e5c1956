package yellowtally.core.settings;

/**
 * One line of a table of settings, all that {@link NumberSetting} tells.
 *
 * @param key stable name
 * @param standard value until changed, in {@code unit}
 * @param min smallest value taken, inclusive
 * @param max largest value taken, inclusive
 * @param estimated whether the standard is a starting estimate
 * @param source where the standard comes from
 * @param why one sentence: what the value does
 */
public record SettingLine(
        String key,
        double standard,
        SettingUnit unit,
        double min,
        double max,
        boolean estimated,
        String source,
        String why) {

    /** A value that the handbook of the job gives. */
    public static SettingLine given(
            String key, double standard, SettingUnit unit, double min, double max, int section, String why) {
        return new SettingLine(key, standard, unit, min, max, false, "handbook of the job, section " + section, why);
    }

    /** A starting estimate, said as such on screen. */
    public static SettingLine estimate(
            String key, double standard, SettingUnit unit, double min, double max, String why) {
        return new SettingLine(key, standard, unit, min, max, true, "starting estimate", why);
    }
}
