package yellowtally.core.settings;

import java.util.Map;

/**
 * The numbers in force for one saw: the standard value of each setting unless changed for the fleet, the model or the saw.
 *
 * @param changed changed values only; each within its range, else {@link IllegalArgumentException}
 */
public record Numbers(Map<NumberSetting, Double> changed) {

    /** Nothing changed. */
    public static final Numbers STANDARD = new Numbers(Map.of());

    public Numbers {
        changed = Map.copyOf(changed);
        changed.forEach((setting, value) -> {
            if (!(value >= setting.min() && value <= setting.max())) {
                throw new IllegalArgumentException(setting.key() + " outside its range: " + value);
            }
        });
    }

    /** The value in force, in the setting's own unit. */
    public double of(NumberSetting setting) {
        Double value = changed.get(setting);
        return value == null ? setting.standard() : value;
    }
}
