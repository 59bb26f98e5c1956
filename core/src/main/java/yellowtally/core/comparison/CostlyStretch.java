package yellowtally.core.comparison;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import yellowtally.core.settings.Numbers;
import yellowtally.core.wear.WearPoint;

/**
 * A stretch between two readings that cost much more cutter per tank than this loop is used to.
 *
 * @param from reading before
 * @param to reading after
 * @param mmPerTank lost in it
 * @param usualMmPerTank the middle of all its stretches
 */
public record CostlyStretch(Instant from, Instant to, double mmPerTank, double usualMmPerTank) {

    /** Finds them; none with too few stretches. */
    public static List<CostlyStretch> of(List<WearPoint> cutterLengths, Numbers numbers) {
        List<CostlyStretch> all = new ArrayList<>();
        for (int i = 1; i < cutterLengths.size(); i++) {
            WearPoint from = cutterLengths.get(i - 1);
            WearPoint to = cutterLengths.get(i);
            double tanks = to.use() - from.use();
            if (tanks >= numbers.of(ComparisonSetting.STRETCH_TANKS)) {
                all.add(new CostlyStretch(from.at(), to.at(), (from.mm() - to.mm()) / tanks, 0));
            }
        }
        if (all.size() < numbers.of(ComparisonSetting.STRETCHES_LEAST)) {
            return List.of();
        }
        double usual = all.stream()
                .mapToDouble(CostlyStretch::mmPerTank)
                .sorted()
                .skip(all.size() / 2)
                .findFirst()
                .orElse(0);
        double limit = usual * numbers.of(ComparisonSetting.OUTING_TIMES);
        return usual <= 0
                ? List.of()
                : all.stream()
                        .filter(s -> s.mmPerTank() >= limit)
                        .map(s -> new CostlyStretch(s.from(), s.to(), s.mmPerTank(), usual))
                        .toList();
    }
}
