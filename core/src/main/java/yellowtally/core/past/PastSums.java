package yellowtally.core.past;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
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

    private final List<PastEntry> entries;
    private final LocalDate today;
    private final Power power;
    private final Numbers numbers;

    /**
     * The sums of these entries.
     *
     * @param entries at most one of a step and day; each of a day not after today
     * @param today the day on which they are told
     */
    public PastSums(List<PastEntry> entries, LocalDate today, Power power, Numbers numbers) {
        this.entries = List.copyOf(entries);
        this.today = today;
        this.power = power;
        this.numbers = numbers;
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
        UseUnit unit = unit(entry);
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
        Optional<PastEntry> less = earlier(entry)
                .filter(other -> other.since() != null && other.since() < since)
                .findFirst();
        if (less.isPresent()) {
            return Optional.of(new Refusal(Reason.MORE_THAN_EARLIER, less.get().since(), less.get()));
        }
        // Of the bar nobody knows which loop was sharpened on it.
        if (entry.step().subject() == Subject.CHAIN
                && unit == UseUnit.SHARPENINGS
                && since < sharpenedAfter(entry.day())) {
            PastEntry sharpened = entries.stream()
                    .filter(other -> other.step() == Step.SHARPEN && other.day().isAfter(entry.day()))
                    .findFirst()
                    .orElse(null);
            return Optional.of(new Refusal(Reason.SHARPENED_SINCE, null, sharpened));
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
        return unit(entry) == null
                ? OptionalDouble.empty()
                : earlier(entry)
                        .map(PastEntry::since)
                        .filter(Objects::nonNull)
                        .mapToDouble(Double::doubleValue)
                        .min();
    }

    /** Others of the same thing, counted in the same unit, that were done on the same day or before. */
    private Stream<PastEntry> earlier(PastEntry entry) {
        return entries.stream()
                .filter(other -> !other.equals(entry)
                        && other.step().subject() == entry.step().subject()
                        && unit(other) == unit(entry)
                        && !other.day().isAfter(entry.day()));
    }

    private long sharpenedAfter(LocalDate day) {
        return entries.stream()
                .filter(other -> other.step() == Step.SHARPEN && other.day().isAfter(day))
                .count();
    }

    private double most(PastEntry entry, UseUnit unit) {
        double days = 1.0 + ChronoUnit.DAYS.between(entry.day(), today);
        return unit == UseUnit.TANKS ? Math.floor(Burn.most(power, days * MINUTES_A_DAY, numbers)) : MOST_A_DAY * days;
    }

    private static @Nullable UseUnit unit(PastEntry entry) {
        return PastLine.of(entry.step()).map(PastLine::since).orElse(null);
    }
}
