package yellowtally.core.fitness;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.steps.Measure;

/**
 * Samples of four lengths of which the shortest was left out, as one bad cutter among good ones (handbook section 4): it stands
 * for nothing but itself. Of its side the longest is left, and that speaks for the side.
 */
final class ShortLeftOut {

    private static final Map<Measure, Measure> LONGEST_OF = Map.of(
            Measure.LEFT_SHORTEST, Measure.LEFT_LONGEST,
            Measure.RIGHT_SHORTEST, Measure.RIGHT_LONGEST);

    private ShortLeftOut() {}

    /**
     * The same figures without the short ones that were left out.
     *
     * @param records those that left their shortest out
     */
    static List<MeasureEntry> without(List<MeasureEntry> measures, Set<Object> records) {
        if (records.isEmpty()) {
            return measures;
        }
        Map<Object, Map<Measure, Double>> samples = new HashMap<>();
        for (MeasureEntry entry : measures) {
            if (records.contains(entry.record())) {
                samples.computeIfAbsent(entry.record(), r -> new EnumMap<>(Measure.class))
                        .put(entry.measure(), entry.figure());
            }
        }
        return measures.stream()
                .map(entry -> without(entry, samples.getOrDefault(entry.record(), Map.of())))
                .toList();
    }

    private static MeasureEntry without(MeasureEntry entry, Map<Measure, Double> sample) {
        Measure longest = LONGEST_OF.get(entry.measure());
        Double stands = longest == null ? null : sample.get(longest);
        return stands == null || !entry.measure().equals(shortest(sample))
                ? entry
                : new MeasureEntry(entry.seq(), entry.record(), entry.measure(), entry.at(), stands, entry.told());
    }

    private static Measure shortest(Map<Measure, Double> sample) {
        double left = sample.getOrDefault(Measure.LEFT_SHORTEST, Double.MAX_VALUE);
        double right = sample.getOrDefault(Measure.RIGHT_SHORTEST, Double.MAX_VALUE);
        return left <= right ? Measure.LEFT_SHORTEST : Measure.RIGHT_SHORTEST;
    }
}
