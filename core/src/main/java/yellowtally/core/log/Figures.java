package yellowtally.core.log;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Wearing;

/**
 * The figures on record of a saw and of the parts on it, in order of time. Parts do not heal: a figure that is better than the
 * one before by more than the measuring error, with no work between that could have done it, counts for nothing until a second
 * reading agrees with it (handbook section 11, rule 7).
 */
public final class Figures {

    /** Nothing measured. */
    public static final Figures NONE = of(List.of(), List.of());

    private final List<MeasureEntry> all;
    private final Set<MeasureEntry> doubted = new HashSet<>();
    /** Those that count, each measure by itself: one figure is asked for more often than all of them. */
    private final Map<Measure, List<MeasureEntry>> counting = new EnumMap<>(Measure.class);

    private final Map<Wearing, List<Instant>> works = new EnumMap<>(Wearing.class);
    private final Map<Wearing, Fold> folds = new EnumMap<>(Wearing.class);

    private Figures(List<MeasureEntry> inOrder, Collection<Instant> dressings) {
        this.all = inOrder;
        this.works.put(Wearing.RAILS, sorted(dressings));
        this.works.put(
                Wearing.GAUGES,
                sorted(inOrder.stream()
                        .filter(Figures::filesCutters)
                        .map(MeasureEntry::at)
                        .toList()));
        Map<Wearing, Map<Object, Taken>> byWearing = new EnumMap<>(Wearing.class);
        for (MeasureEntry entry : inOrder) {
            Wearing wearing = entry.measure().wearing();
            if (wearing != null) {
                byWearing
                        .computeIfAbsent(wearing, w -> new LinkedHashMap<>())
                        .computeIfAbsent(entry.record(), r -> new Taken(new ArrayList<>()))
                        .entries()
                        .add(entry);
            }
        }
        byWearing.forEach((wearing, taken) -> {
            Fold fold = new Fold(wearing, works.getOrDefault(wearing, List.of()));
            taken.values().forEach(fold::take);
            folds.put(wearing, fold);
        });
        for (MeasureEntry entry : believed()) {
            counting.computeIfAbsent(entry.measure(), m -> new ArrayList<>()).add(entry);
        }
    }

    /**
     * The figures of these records.
     *
     * @param entries given in any order
     * @param dressings when the rails were dressed
     */
    public static Figures of(Collection<MeasureEntry> entries, Collection<Instant> dressings) {
        return new Figures(entries.stream().sorted(MeasureEntry.IN_ORDER).toList(), dressings);
    }

    private static List<Instant> sorted(Collection<Instant> moments) {
        return moments.stream().sorted().toList();
    }

    /** Strokes on a cutter, or a pass that brings all to one length. */
    private static boolean filesCutters(MeasureEntry entry) {
        return switch (entry.measure()) {
            case STROKES_LEFT, STROKES_RIGHT -> entry.figure() > 0;
            case EQUALISED_LENGTH -> true;
            default -> false;
        };
    }

    /** The figures that count, first one first. */
    public List<MeasureEntry> believed() {
        return doubted.isEmpty()
                ? all
                : all.stream().filter(entry -> !doubted.contains(entry)).toList();
    }

    /** The figures of one measure that count, first one first. */
    public List<MeasureEntry> believed(Measure measure) {
        return Collections.unmodifiableList(counting.getOrDefault(measure, List.of()));
    }

    /** The figures that wait for a second reading, first one first. */
    public List<MeasureEntry> doubted() {
        return all.stream().filter(doubted::contains).toList();
    }

    /** The last figure of a measure that counts; empty when none does. */
    public Optional<MeasureEntry> latest(Measure measure) {
        List<MeasureEntry> of = believed(measure);
        return of.isEmpty() ? Optional.empty() : Optional.of(of.get(of.size() - 1));
    }

    /** Whether the cutters were filed after a moment. */
    public boolean filedAfter(Instant moment) {
        return works.getOrDefault(Wearing.GAUGES, List.of()).stream().anyMatch(at -> at.isAfter(moment));
    }

    /** Whether the rails were dressed after a moment. */
    public boolean dressedAfter(Instant moment) {
        return works.getOrDefault(Wearing.RAILS, List.of()).stream().anyMatch(at -> at.isAfter(moment));
    }

    /** A figure that cannot be believed yet, and the one that speaks against it. */
    public record Doubt(Measure measure, double figure, MeasureEntry before) {}

    /**
     * What of the figures of one record could not be believed.
     *
     * @param at when they are taken
     */
    public List<Doubt> doubts(Map<Measure, Double> figures, Instant at) {
        Map<Wearing, Doubt> doubts = new EnumMap<>(Wearing.class);
        for (Wearing wearing : Wearing.values()) {
            Fold fold = folds.get(wearing);
            Map.Entry<Measure, Double> worst = figures.entrySet().stream()
                    .filter(figure -> figure.getKey().wearing() == wearing)
                    .min(wearing.worstFirst(Map.Entry::getValue))
                    .orElse(null);
            if (fold != null && worst != null) {
                fold.contradicts(worst.getValue(), at)
                        .ifPresent(before -> doubts.put(wearing, new Doubt(worst.getKey(), worst.getValue(), before)));
            }
        }
        return List.copyOf(doubts.values());
    }

    /** The figures of one kind that one record holds. */
    private record Taken(List<MeasureEntry> entries) {

        MeasureEntry worst(Wearing wearing) {
            return entries.stream()
                    .min(wearing.worstFirst(MeasureEntry::figure))
                    .orElseThrow();
        }
    }

    /** The readings of one kind of wear, one after the other. */
    private final class Fold {
        private final Wearing wearing;
        private final List<Instant> mends;
        private @Nullable MeasureEntry believed;
        private @Nullable MeasureEntry waiting;

        Fold(Wearing wearing, List<Instant> mends) {
            this.wearing = wearing;
            this.mends = mends;
        }

        void take(Taken taken) {
            MeasureEntry now = taken.worst(wearing);
            if (contradicts(now.figure(), now.at()).isPresent()) {
                waiting = now;
                doubted.addAll(taken.entries());
            } else {
                believed = now;
                waiting = null;
            }
        }

        Optional<MeasureEntry> contradicts(double figure, Instant at) {
            MeasureEntry before = believed;
            if (before == null || !wearing.heals(before.figure(), figure) || mended(before.at(), at)) {
                return Optional.empty();
            }
            boolean agrees = waiting != null && Math.abs(waiting.figure() - figure) <= wearing.errorMm() + 1e-9;
            return agrees ? Optional.empty() : Optional.of(before);
        }

        private boolean mended(Instant before, Instant now) {
            return mends.stream().anyMatch(at -> !at.isBefore(before) && !at.isAfter(now));
        }
    }
}
