package yellowtally.core.past;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.Burn;
import yellowtally.core.schedule.UseUnit;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;

/**
 * Adds up what was told of one saw: what cannot be, and what follows for the lines of which nobody knows what was used since. What
 * was done later on the same thing cannot have seen more use since (general practice).
 */
public final class PastSums {

    /** Outings and sharpenings of a day; more is a slip of the finger (general practice, est.). */
    private static final double MOST_A_DAY = 10;

    private static final double MINUTES_A_DAY = 1440;

    private final LocalDate today;
    private final Power power;
    private final Numbers numbers;

    /** By day, the least that was used since anything that was done until then. */
    private final Map<Kept, NavigableMap<LocalDate, PastEntry>> least = new HashMap<>();

    private final List<PastEntry> sharpened;

    /**
     * The sums of these entries.
     *
     * @param entries at most one of a step and day; each of a day not after today
     * @param today the day on which they are told
     */
    public PastSums(List<PastEntry> entries, LocalDate today, Power power, Numbers numbers) {
        this.today = today;
        this.power = power;
        this.numbers = numbers;
        List<PastEntry> inOrder =
                entries.stream().sorted(Comparator.comparing(PastEntry::day)).toList();
        this.sharpened =
                inOrder.stream().filter(entry -> entry.step() == Step.SHARPEN).toList();
        inOrder.stream().filter(entry -> entry.since() != null).forEach(this::keep);
    }

    /** What is compared: entries of one thing, counted in one unit. */
    private record Kept(Subject subject, @Nullable UseUnit unit) {
        static Kept of(PastEntry entry) {
            return new Kept(entry.step().subject(), countedIn(entry));
        }
    }

    private void keep(PastEntry entry) {
        NavigableMap<LocalDate, PastEntry> byDay = least.computeIfAbsent(Kept.of(entry), kept -> new TreeMap<>());
        Map.Entry<LocalDate, PastEntry> before = byDay.floorEntry(entry.day());
        if (before == null || since(entry, Double.MAX_VALUE) < since(before.getValue(), Double.MAX_VALUE)) {
            byDay.put(entry.day(), entry);
        }
    }

    private static double since(PastEntry entry, double unknown) {
        return entry.since() == null ? unknown : entry.since();
    }

    /** Why an entry cannot be. */
    public enum Reason {
        /** Nothing is counted since it: the calendar tells. */
        NOTHING_COUNTED,
        /** Less than nothing, or half a sharpening. */
        NOT_A_COUNT,
        /** More than can be used in the time. */
        MORE_THAN_TIME,
        /** Something done earlier on the same thing has seen less since. */
        MORE_THAN_EARLIER,
        /** Fewer sharpenings since than were told. */
        SHARPENED_SINCE
    }

    /**
     * A refused entry.
     *
     * @param most the largest count that could be; {@code null} where there is none
     * @param other the entry that speaks against it; {@code null} where none does
     */
    public record Refusal(
            Reason reason, @Nullable Double most, @Nullable PastEntry other) {}

    /** Why what was told of an entry cannot be; empty when it can. */
    public Optional<Refusal> refusal(PastEntry entry) {
        Double since = entry.since();
        if (since == null) {
            return Optional.empty();
        }
        UseUnit unit = countedIn(entry);
        if (unit == null) {
            return Optional.of(new Refusal(Reason.NOTHING_COUNTED, null, null));
        }
        if (!(since >= 0) || (unit != UseUnit.TANKS && since != Math.rint(since))) {
            return Optional.of(new Refusal(Reason.NOT_A_COUNT, null, null));
        }
        double most = most(entry, unit);
        if (since > most) {
            return Optional.of(new Refusal(Reason.MORE_THAN_TIME, most, null));
        }
        Optional<PastEntry> less = leastUntil(entry).filter(other -> since(other, since) < since);
        if (less.isPresent()) {
            return Optional.of(new Refusal(Reason.MORE_THAN_EARLIER, less.get().since(), less.get()));
        }
        // Of the bar nobody knows which loop was sharpened on it.
        if (entry.step().subject() == Subject.CHAIN && unit == UseUnit.SHARPENINGS) {
            int from = firstSharpenedAfter(entry.day());
            if (since < sharpened.size() - from) {
                return Optional.of(new Refusal(Reason.SHARPENED_SINCE, null, sharpened.get(from)));
            }
        }
        return Optional.empty();
    }

    /**
     * What counts as used since an entry: as told, or at most as much as since something that was done earlier on the same thing,
     * which is never too little (est.); empty while nobody can say.
     */
    public OptionalDouble since(PastEntry entry) {
        if (entry.since() != null) {
            return OptionalDouble.of(entry.since());
        }
        return countedIn(entry) == null
                ? OptionalDouble.empty()
                : leastUntil(entry).stream()
                        .mapToDouble(other -> since(other, Double.NaN))
                        .findFirst();
    }

    /** What has seen least since, of all that was done on the same thing on the same day or before. */
    private Optional<PastEntry> leastUntil(PastEntry entry) {
        NavigableMap<LocalDate, PastEntry> byDay = least.get(Kept.of(entry));
        return Optional.ofNullable(byDay == null ? null : byDay.floorEntry(entry.day()))
                .map(Map.Entry::getValue);
    }

    private int firstSharpenedAfter(LocalDate day) {
        int from = 0;
        int to = sharpened.size();
        while (from < to) {
            int middle = (from + to) >>> 1;
            if (sharpened.get(middle).day().isAfter(day)) {
                to = middle;
            } else {
                from = middle + 1;
            }
        }
        return from;
    }

    private double most(PastEntry entry, UseUnit unit) {
        double days = 1.0 + ChronoUnit.DAYS.between(entry.day(), today);
        return unit == UseUnit.TANKS ? Math.floor(Burn.most(power, days * MINUTES_A_DAY, numbers)) : MOST_A_DAY * days;
    }

    private static @Nullable UseUnit countedIn(PastEntry entry) {
        return PastLine.of(entry.step()).map(PastLine::since).orElse(null);
    }
}
