package yellowtally.core.settings;

import org.jspecify.annotations.Nullable;

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
 * @param over the setting that it must stay over; {@code null} for none
 * @param fleetOnly whether no model and no saw may have its own
 */
public record SettingLine(
        String key,
        double standard,
        SettingUnit unit,
        double min,
        double max,
        boolean estimated,
        String source,
        String why,
        @Nullable NumberSetting over,
        boolean fleetOnly) {

    /** A value that the handbook of the job gives. */
    public static SettingLine given(
            String key, double standard, SettingUnit unit, double min, double max, int section, String why) {
        return new SettingLine(
                key, standard, unit, min, max, false, "handbook of the job, section " + section, why, null, false);
    }

    /** A starting estimate, said as such on screen. */
    public static SettingLine estimate(
            String key, double standard, SettingUnit unit, double min, double max, String why) {
        return new SettingLine(key, standard, unit, min, max, true, "starting estimate", why, null, false);
    }

    /** The same, and it must stay over another one. */
    public SettingLine over(NumberSetting lower) {
        return new SettingLine(key, standard, unit, min, max, estimated, source, why, lower, fleetOnly);
    }

    /** The same, and no model and no saw may have its own. */
    public SettingLine forTheWholeFleet() {
        return new SettingLine(key, standard, unit, min, max, estimated, source, why, over, true);
    }
}
