package yellowtally.core.fitness;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowtally.core.bar.DressingCost;
import yellowtally.core.log.Figures;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;
import yellowtally.core.wear.UseAccount.Reading;

/**
 * What was measured on the chain, bar and sprocket of a saw over their lives, on whatever saw they hung.
 *
 * @param figures figures on record, those that are doubted apart
 * @param dressings when the rails of the bar were dressed
 * @param turns when the bar was turned over
 * @param barLoops loops that were on the bar, the present one among them
 * @param newChainAt when a new chain was fitted on the bar last; {@code null} when none was
 */
public record PartLedger(
        Figures figures,
        List<Instant> dressings,
        List<Instant> turns,
        int barLoops,
        @Nullable Instant newChainAt) {

    /** The saw's own figure that lasts; all others that wear are of its parts. */
    private static final Set<Measure> OF_THE_SAW = EnumSet.of(Measure.BAND_THICKNESS);

    /** Nothing measured. */
    public static final PartLedger EMPTY = new PartLedger(Figures.NONE, List.of(), List.of(), 0, null);

    public PartLedger {
        dressings = dressings.stream().sorted().toList();
        turns = turns.stream().sorted().toList();
    }

    /** The same of figures given in any order. */
    public static PartLedger of(
            List<MeasureEntry> measures,
            List<Instant> dressings,
            List<Instant> turns,
            int barLoops,
            @Nullable Instant newChainAt) {
        return new PartLedger(Figures.of(measures, dressings), dressings, turns, barLoops, newChainAt);
    }

    /** The steps whose figures tell over the whole life of a chain, a bar, a sprocket or the saw itself how it wears. */
    public static Set<Step> steps(Subject part) {
        return Arrays.stream(Measure.values())
                .filter(measure -> measure.ofCutter() || measure.wearing() != null || OF_THE_SAW.contains(measure))
                .map(Measure::step)
                .filter(step -> step.subject() == part)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Step.class)));
    }

    /** The shortest healthy cutter of each record that measured any, mm. */
    public List<Reading> cutterReadings() {
        Map<Object, Reading> shortest = new LinkedHashMap<>();
        for (MeasureEntry entry : figures.believed()) {
            boolean shortestOfSome = switch (entry.measure()) {
                case SHORTEST_CUTTER, EQUALISED_LENGTH, LEFT_SHORTEST, RIGHT_SHORTEST, FILED_SHORTEST -> true;
                default -> false;
            };
            if (shortestOfSome) {
                shortest.merge(
                        entry.record(),
                        new Reading(entry.at(), entry.figure()),
                        (one, other) -> one.mm() <= other.mm() ? one : other);
            }
        }
        return List.copyOf(shortest.values());
    }

    /** The shortest healthy cutter as measured last, mm. */
    public Optional<Double> latestCutterMm() {
        List<Reading> readings = cutterReadings();
        return readings.isEmpty()
                ? Optional.empty()
                : Optional.of(readings.get(readings.size() - 1).mm());
    }

    /** All readings of one measure, mm. */
    public List<Reading> readings(Measure measure) {
        return figures.believed().stream()
                .filter(entry -> entry.measure() == measure)
                .map(entry -> new Reading(entry.at(), entry.figure()))
                .toList();
    }

    /** Left less right of each sharpening that measured both sides, the middle of shortest and longest for each, mm. */
    public List<Double> sideDifferences() {
        Map<Object, Map<Measure, Double>> byRecord = new LinkedHashMap<>();
        figures.believed()
                .forEach(entry -> byRecord.computeIfAbsent(entry.record(), r -> new LinkedHashMap<>())
                        .put(entry.measure(), entry.figure()));
        List<Double> differences = new ArrayList<>();
        for (Map<Measure, Double> figures : byRecord.values()) {
            Double left = middle(figures, Measure.LEFT_SHORTEST, Measure.LEFT_LONGEST);
            Double right = middle(figures, Measure.RIGHT_SHORTEST, Measure.RIGHT_LONGEST);
            if (left != null && right != null) {
                differences.add(left - right);
            }
        }
        return differences;
    }

    /** Longest less shortest of a side as measured last, mm; zero while it was not measured. */
    public double latestSpread(Measure shortest, Measure longest) {
        List<Reading> low = readings(shortest);
        List<Reading> high = readings(longest);
        return low.isEmpty() || high.isEmpty()
                ? 0
                : high.get(high.size() - 1).mm() - low.get(low.size() - 1).mm();
    }

    private static @Nullable Double middle(Map<Measure, Double> figures, Measure shortest, Measure longest) {
        Double low = figures.get(shortest);
        Double high = figures.get(longest);
        return low == null || high == null ? null : (low + high) / 2;
    }

    /** What a dressing costs on this bar: groove depth before and after each that lies between two readings. */
    public DressingCost dressingCost(Numbers numbers) {
        List<Reading> depths = readings(Measure.GROOVE_DEPTH);
        List<Double> costs = new ArrayList<>();
        int dressed = 0;
        for (int i = 1; i < depths.size(); i++) {
            Reading before = depths.get(i - 1);
            Reading after = depths.get(i);
            int between = 0;
            for (; dressed < dressings.size() && dressings.get(dressed).isBefore(after.at()); dressed++) {
                between += dressings.get(dressed).isBefore(before.at()) ? 0 : 1;
            }
            if (between == 1) {
                costs.add(before.mm() - after.mm());
            }
        }
        return DressingCost.learned(costs, numbers);
    }
}
