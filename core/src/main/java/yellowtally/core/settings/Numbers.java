package yellowtally.core.settings;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
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

    /** Settings that must stay over another one and do not; empty when all of these agree with each other. */
    public List<Disorder> disorder(Collection<? extends NumberSetting> settings) {
        List<Disorder> found = new ArrayList<>();
        for (NumberSetting setting : settings) {
            NumberSetting lower = setting.over();
            if (lower != null && of(lower) >= of(setting)) {
                found.add(new Disorder(lower, setting));
            }
        }
        return List.copyOf(found);
    }

    /** Two settings of which the first must stay under the second. */
    public record Disorder(NumberSetting lower, NumberSetting upper) {

        /** Whether a setting is one of the two. */
        public boolean isAbout(NumberSetting setting) {
            return setting.equals(lower) || setting.equals(upper);
        }
    }
}
