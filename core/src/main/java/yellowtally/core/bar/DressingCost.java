package yellowtally.core.bar;

import java.util.List;
import yellowtally.core.settings.Numbers;

/**
 * Groove depth that one dressing of the rails costs (handbook section 5).
 *
 * @param mm per dressing, over zero
 * @param dressings how many were measured before and after; zero for the starting estimate
 */
public record DressingCost(double mm, int dressings) {

    /**
     * What was learned on a bar.
     *
     * @param costs depth before less depth after of each dressing that was measured both times, mm
     */
    public static DressingCost learned(List<Double> costs, Numbers numbers) {
        List<Double> possible = costs.stream()
                .filter(c -> c >= numbers.of(BarSetting.DRESSING_LEAST) && c <= numbers.of(BarSetting.DRESSING_MOST))
                .sorted()
                .toList();
        return possible.size() < 2
                ? new DressingCost(numbers.of(BarSetting.DRESSING_COST), 0)
                : new DressingCost(possible.get(possible.size() / 2), possible.size());
    }
}
