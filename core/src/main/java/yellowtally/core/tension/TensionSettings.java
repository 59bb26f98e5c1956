package yellowtally.core.tension;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * The numbers in force: the standard value of each {@link TensionSetting} unless changed.
 *
 * @param changed changed values only; each within its range, see {@link #disorder()} for how they go together
 */
public record TensionSettings(Map<TensionSetting, Double> changed) {

    /** Nothing changed. */
    public static final TensionSettings STANDARD = new TensionSettings(Map.of());

    /** Settings that only make sense in rising order. */
    private static final List<List<TensionSetting>> RISING = List.of(
            List.of(
                    TensionSetting.RATIO_TOO_TIGHT,
                    TensionSetting.RATIO_FIRM,
                    TensionSetting.RATIO_RIGHT,
                    TensionSetting.RATIO_THROW),
            List.of(
                    TensionSetting.COIN_TOO_TIGHT,
                    TensionSetting.COIN_GOOD_FROM,
                    TensionSetting.COIN_THICKNESS,
                    TensionSetting.COIN_GOOD_TO),
            List.of(
                    TensionSetting.TWELFTH_GOOD_FROM,
                    TensionSetting.TWELFTH_AIM,
                    TensionSetting.TWELFTH_GOOD_TO,
                    TensionSetting.TWELFTH_TOO_TIGHT),
            List.of(TensionSetting.SCALE_TWELFTH, TensionSetting.SCALE_RAIL),
            List.of(TensionSetting.SOAK_LEAST, TensionSetting.SOAK_GOOD),
            List.of(TensionSetting.GROWTH_WATCH, TensionSetting.GROWTH_RETIRE));

    public TensionSettings {
        changed = Map.copyOf(changed);
        changed.forEach((setting, value) -> {
            if (!(value >= setting.min() && value <= setting.max())) {
                throw new IllegalArgumentException(setting.key() + " outside its range: " + value);
            }
        });
    }

    /** The value in force, in the setting's own unit. */
    public double of(TensionSetting setting) {
        return changed.getOrDefault(setting, setting.standard());
    }

    /** Pairs of neighbours that must rise but do not; empty when the settings agree with each other. */
    public List<Disorder> disorder() {
        List<Disorder> found = new ArrayList<>();
        for (List<TensionSetting> row : RISING) {
            for (int i = 1; i < row.size(); i++) {
                if (of(row.get(i - 1)) >= of(row.get(i))) {
                    found.add(new Disorder(row.get(i - 1), row.get(i)));
                }
            }
        }
        return List.copyOf(found);
    }

    /** Two settings of which the first must stay under the second. */
    public record Disorder(TensionSetting lower, TensionSetting upper) {}
}
