package yellowtally.core.fitness;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowtally.core.bar.DressingCost;
import yellowtally.core.bar.GrooveClearance;
import yellowtally.core.drive.LoopsRun;
import yellowtally.core.edge.FilingRate;
import yellowtally.core.edge.SidesOfLoop;
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
 * @param loops loops that ran on its sprocket and on its bar
 * @param newChainAt when a new chain was fitted on the bar last; {@code null} when none was
 * @param shortLeftOut records of sharpenings that left their shortest cutter out
 */
public record PartLedger(
        Figures figures,
        List<Instant> dressings,
        List<Instant> turns,
        LoopsRun loops,
        @Nullable Instant newChainAt,
        Set<Object> shortLeftOut) {

    /** The saw's own figure that lasts; all others that wear are of its parts. */
    private static final Set<Measure> OF_THE_SAW = EnumSet.of(Measure.BAND_THICKNESS);

    /** Nothing measured. */
    public static final PartLedger EMPTY =
            new PartLedger(Figures.NONE, List.of(), List.of(), LoopsRun.NONE, null, Set.of());

    public PartLedger {
        dressings = dressings.stream().sorted().toList();
        turns = turns.stream().sorted().toList();
        shortLeftOut = Set.copyOf(shortLeftOut);
    }

    /** The same of figures given in any order. */
    public static PartLedger of(
            List<MeasureEntry> measures,
            List<Instant> dressings,
            List<Instant> turns,
            LoopsRun loops,
            @Nullable Instant newChainAt) {
        return of(measures, Set.of(), dressings, turns, loops, newChainAt);
    }

    /** The same where some records left their shortest cutter out. */
    public static PartLedger of(
            List<MeasureEntry> measures,
            Set<Object> shortLeftOut,
            List<Instant> dressings,
            List<Instant> turns,
            LoopsRun loops,
            @Nullable Instant newChainAt) {
        Figures figures = Figures.of(ShortLeftOut.without(measures, shortLeftOut), dressings);
        return new PartLedger(figures, dressings, turns, loops, newChainAt, shortLeftOut);
    }

    /** The steps whose figures tell over the whole life of a chain, a bar, a sprocket or the saw itself how it wears. */
    public static Set<Step> steps(Subject part) {
        return Arrays.stream(Measure.values())
                .filter(measure -> measure.ofCutter() || measure.wearing() != null || OF_THE_SAW.contains(measure))
                .map(Measure::step)
                .filter(step -> step.subject() == part)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Step.class)));
    }

    /** The shortest healthy cutter of each record that measured any, mm: after filing where that was measured too. */
    public List<Reading> cutterReadings() {
        Map<Object, Reading> shortest = new LinkedHashMap<>();
        Set<Object> filed = new HashSet<>();
        for (MeasureEntry entry : figures.believed()) {
            Reading reading = new Reading(entry.at(), entry.figure());
            switch (entry.measure()) {
                case FILED_SHORTEST -> {
                    shortest.put(entry.record(), reading);
                    filed.add(entry.record());
                }
                case SHORTEST_CUTTER, EQUALISED_LENGTH, LEFT_SHORTEST, RIGHT_SHORTEST -> {
                    if (!filed.contains(entry.record())) {
                        shortest.merge(entry.record(), reading, (one, other) -> one.mm() <= other.mm() ? one : other);
                    }
                }
                default -> {
                    // Not a length of the shortest.
                }
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
        return figures.believed(measure).stream()
                .map(entry -> new Reading(entry.at(), entry.figure()))
                .toList();
    }

    /** Left less right of each sharpening that measured both sides, the middle of shortest and longest for each, mm. */
    public List<Double> sideDifferences() {
        List<Double> differences = new ArrayList<>();
        for (Map<Measure, Double> figures : byRecord().values()) {
            Double left = middle(figures, Measure.LEFT_SHORTEST, Measure.LEFT_LONGEST);
            Double right = middle(figures, Measure.RIGHT_SHORTEST, Measure.RIGHT_LONGEST);
            if (left != null && right != null) {
                differences.add(left - right);
            }
        }
        return differences;
    }

    /** What a stroke took off in each sharpening that measured the same shortest cutter before and after, by its record, mm. */
    public Map<Object, Double> filingRates() {
        Map<Object, Double> rates = new LinkedHashMap<>();
        byRecord().forEach((record, of) -> {
            Double left = of.get(Measure.LEFT_SHORTEST);
            Double right = of.get(Measure.RIGHT_SHORTEST);
            Double filed = of.get(Measure.FILED_SHORTEST);
            if (left != null && right != null && filed != null && !shortLeftOut.contains(record)) {
                Double strokes = of.get(left <= right ? Measure.STROKES_LEFT : Measure.STROKES_RIGHT);
                FilingRate.perStroke(Math.min(left, right) - filed, strokes == null ? 0 : Math.round(strokes))
                        .ifPresent(rate -> rates.put(record, rate));
            }
        });
        return rates;
    }

    /** What a stroke takes off this loop, mm: learned from its own sharpenings, else the starting estimate. */
    public double removalMm(Numbers numbers) {
        return FilingRate.learned(List.copyOf(filingRates().values()), List.of(), numbers)
                .mm();
    }

    /**
     * How far the sides are apart by all that is on record. Lengths after filing count before those as they were found.
     *
     * @param removalMm what one stroke takes off, mm
     */
    public SidesOfLoop sides(double removalMm) {
        SidesOfLoop sides = SidesOfLoop.EVEN;
        for (Map<Measure, Double> of : byRecord().values()) {
            Double left = middle(of, Measure.LEFT_SHORTEST, Measure.LEFT_LONGEST);
            Double right = middle(of, Measure.RIGHT_SHORTEST, Measure.RIGHT_LONGEST);
            if (left != null && right != null) {
                double spread = Math.max(
                        of.getOrDefault(Measure.LEFT_LONGEST, 0.0) - of.getOrDefault(Measure.LEFT_SHORTEST, 0.0),
                        of.getOrDefault(Measure.RIGHT_LONGEST, 0.0) - of.getOrDefault(Measure.RIGHT_SHORTEST, 0.0));
                sides = sides.measured(left, right, spread);
            }
            sides = sides.filed(
                    of.getOrDefault(Measure.STROKES_LEFT, 0.0), of.getOrDefault(Measure.STROKES_RIGHT, 0.0), removalMm);
            Double filedLeft = of.get(Measure.FILED_LEFT);
            Double filedRight = of.get(Measure.FILED_RIGHT);
            if (filedLeft != null && filedRight != null) {
                sides = sides.measured(filedLeft, filedRight, sides.spreadMm());
            }
            if (of.containsKey(Measure.EQUALISED_LENGTH)) {
                sides = SidesOfLoop.EVEN;
            }
        }
        return sides;
    }

    /** The figures that count, one map for each record, first one first. */
    private Map<Object, Map<Measure, Double>> byRecord() {
        Map<Object, Map<Measure, Double>> byRecord = new LinkedHashMap<>();
        figures.believed()
                .forEach(entry -> byRecord.computeIfAbsent(entry.record(), r -> new EnumMap<>(Measure.class))
                        .put(entry.measure(), entry.figure()));
        return byRecord;
    }

    private static @Nullable Double middle(Map<Measure, Double> figures, Measure shortest, Measure longest) {
        Double low = figures.get(shortest);
        Double high = figures.get(longest);
        return low == null || high == null ? null : (low + high) / 2;
    }

    /** Groove depth by now, mm: as measured last, less what each dressing since has cost (est.); empty while never measured. */
    public Optional<Double> grooveNowMm(Numbers numbers) {
        List<Reading> depths = readings(Measure.GROOVE_DEPTH);
        if (depths.isEmpty()) {
            return Optional.empty();
        }
        Reading last = depths.get(depths.size() - 1);
        long since = dressings.stream().filter(at -> at.isAfter(last.at())).count();
        return Optional.of(last.mm() - since * dressingCost(numbers).mm());
    }

    /**
     * Dressings that the bar still bears (est.); empty while its groove was never measured.
     *
     * @param tangMm tang depth of the chain, mm
     */
    public Optional<Integer> dressingsLeft(double tangMm, Numbers numbers) {
        return grooveNowMm(numbers)
                .map(depth -> GrooveClearance.of(
                                depth, tangMm, dressingCost(numbers).mm(), numbers)
                        .dressingsLeft());
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
