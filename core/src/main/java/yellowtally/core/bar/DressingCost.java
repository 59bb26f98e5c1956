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

    private static final double LEAST_MM = 0.01;
    private static final double MOST_MM = 1;

    /**
     * What was learned on a bar.
     *
     * @param costs depth before less depth after of each dressing that was measured both times, mm
     */
    public static DressingCost learned(List<Double> costs, Numbers numbers) {
        List<Double> possible = costs.stream()
                .filter(c -> c >= LEAST_MM && c <= MOST_MM)
                .sorted()
                .toList();
        return possible.size() < 2
                ? new DressingCost(numbers.of(BarSetting.DRESSING_COST), 0)
                : new DressingCost(possible.get(possible.size() / 2), possible.size());
    }
}
