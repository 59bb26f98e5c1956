package yellowtally.core.minutes;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.settings.Numbers;

/**
 * Minutes between records of a visit, and the work that was done in them.
 *
 * @param work by the number that says how long it takes, how often it was done; a part of a task is a fraction of it
 * @param minutes taken, zero or more
 */
public record Stretch(Map<NumberSetting, Double> work, double minutes) {

    public Stretch {
        // In its own order: sums do not depend on chance.
        work = Collections.unmodifiableMap(new LinkedHashMap<>(work));
    }

    /** What it was estimated to take, minutes. */
    public double estimated(Numbers numbers) {
        return work.entrySet().stream()
                .mapToDouble(part -> part.getValue() * numbers.of(part.getKey()))
                .sum();
    }

    /**
     * The same in terms of other numbers: work for which a saw has twice the minutes was done as if twice.
     *
     * @param own numbers of its saw
     * @param fleet numbers to say it in
     */
    public Stretch inTermsOf(Numbers fleet, Numbers own) {
        Map<NumberSetting, Double> said = new LinkedHashMap<>();
        work.forEach((part, times) -> {
            if (fleet.of(part) > 0) {
                said.put(part, times * own.of(part) / fleet.of(part));
            }
        });
        return new Stretch(said, minutes);
    }
}
