package yellowtally.server.intake;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.measure.DayReading;
import yellowtally.core.measure.DayText;
import yellowtally.core.measure.LengthReading;
import yellowtally.core.measure.LengthText;
import yellowtally.core.measure.NumberText;
import yellowtally.core.measure.Rounding;
import yellowtally.core.past.PastEntry;
import yellowtally.core.past.PastLine;
import yellowtally.core.past.PastSums;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.Step;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Said;
import yellowtally.server.support.Violations;

/** Reads what is told of a saw's past: days, counts and figures as typed, and what cannot be. */
@Component
public class PastReader {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private final HouseUnits house;

    PastReader(HouseUnits house) {
        this.house = house;
    }

    /**
     * The saw that it is told of, as far as the reading needs it.
     *
     * @param from the first day that can be told of: its first in service
     * @param to the last: when its own records begin
     * @param today the day that is typed on
     * @param told what was told of it before
     */
    record About(
            Power power,
            @Nullable LocalDate from,
            LocalDate to,
            LocalDate today,
            Numbers numbers,
            List<PastEntry> told) {}

    /** A line as it was typed, and what its fields are called, up to their own names. */
    public record Typed(String field, PastInput.PastLineInput line) {

        static Typed ofNotebook(PastInput.PastLineInput line) {
            return new Typed("past." + line.step(), line);
        }

        String field(String of) {
            return field + "." + of;
        }

        String field(Measure measure) {
            return field(measure.name());
        }
    }

    /** A line that was read; {@code roughly} where only a month or a year was told. */
    record Read(Typed typed, PastEntry entry, boolean roughly) {}

    /** The lines that say something, with the sums over them. */
    record Book(List<Read> lines, PastSums sums) {

        /** What counts as used since a line; absent while nobody knows. */
        @Nullable
        Double since(PastEntry entry) {
            OptionalDouble since = sums.since(entry);
            return since.isPresent() ? Double.valueOf(since.getAsDouble()) : null;
        }
    }

    /** A notebook has each line once; what is wrong with any of them is said in {@code wrong}, at {@code past.STEP.day} and so on. */
    Book notebook(List<PastInput.PastLineInput> given, About about, Violations wrong) {
        List<Typed> lines = new ArrayList<>();
        Set<Step> seen = EnumSet.noneOf(Step.class);
        for (PastInput.PastLineInput line : given) {
            Typed typed = Typed.ofNotebook(line);
            if (!seen.add(line.step())) {
                wrong.add(typed.field("day"), "past.twice");
            } else {
                lines.add(typed);
            }
        }
        return read(lines, about, DayText.Order.UNKNOWN, wrong);
    }

    /** Reads lines in any order, a step on as many days as there are; what is wrong is said at the fields of its line. */
    Book read(List<Typed> given, About about, DayText.Order order, Violations wrong) {
        List<Read> lines = new ArrayList<>();
        Set<StepOn> told = new HashSet<>();
        about.told().forEach(entry -> told.add(StepOn.of(entry)));
        Set<StepOn> seen = new HashSet<>();
        for (Typed typed : given) {
            PastLine known = PastLine.of(typed.line().step()).orElse(null);
            if (known == null) {
                wrong.add(typed.field("day"), "past.step");
            } else if (!typed.line().blank()) {
                Read read = read(typed, known, about, order, wrong).orElse(null);
                if (read != null && told.contains(StepOn.of(read.entry()))) {
                    wrong.add(typed.field("day"), "past.toldAlready");
                } else if (read != null && !seen.add(StepOn.of(read.entry()))) {
                    wrong.add(typed.field("day"), "past.twice");
                } else if (read != null) {
                    lines.add(read);
                }
            }
        }
        List<PastEntry> all = new ArrayList<>(about.told());
        lines.forEach(line -> all.add(line.entry()));
        PastSums sums = new PastSums(all, about.to(), about.power(), about.numbers());
        for (Read line : lines) {
            sums.refusal(line.entry()).ifPresent(refusal -> refuse(line, refusal, wrong));
        }
        return new Book(List.copyOf(lines), sums);
    }

    /** What is told once. */
    private record StepOn(Step step, LocalDate day) {
        static StepOn of(PastEntry entry) {
            return new StepOn(entry.step(), entry.day());
        }
    }

    private Optional<Read> read(Typed typed, PastLine known, About about, DayText.Order order, Violations wrong) {
        PastInput.PastLineInput line = typed.line();
        DayReading.Read day = day(typed, about, order, wrong).orElse(null);
        Double since = since(typed, wrong);
        Map<Measure, Double> figures = new EnumMap<>(Measure.class);
        if (line.figures() != null) {
            line.figures().forEach((measure, text) -> {
                if (!text.isBlank()) {
                    figure(typed.field(measure), known, measure, text, wrong).ifPresent(mm -> figures.put(measure, mm));
                }
            });
        }
        return day == null
                ? Optional.empty()
                : Optional.of(new Read(typed, new PastEntry(line.step(), day.day(), since, figures), day.roughly()));
    }

    private static Optional<DayReading.Read> day(Typed typed, About about, DayText.Order order, Violations wrong) {
        String text = typed.line().day();
        DayReading reading = DayText.read(text == null ? "" : text, about.today(), order);
        if (reading instanceof DayReading.Refused refused) {
            wrong.add(typed.field("day"), "day." + refused.why());
            return Optional.empty();
        }
        DayReading.Read read = (DayReading.Read) reading;
        if (read.day().isAfter(about.to())) {
            wrong.add(typed.field("day"), "past.here", told(about.to()));
            return Optional.empty();
        }
        if (about.from() != null && read.day().isBefore(about.from())) {
            if (read.last().isBefore(about.from())) {
                wrong.add(typed.field("day"), "past.beforeService", told(about.from()));
                return Optional.empty();
            }
            // Of a month or a year the part that lies in service is meant.
            return Optional.of(new DayReading.Read(about.from(), read.last()));
        }
        return Optional.of(read);
    }

    private static @Nullable Double since(Typed typed, Violations wrong) {
        String text = typed.line().since();
        if (text == null || text.isBlank()) {
            return null;
        }
        OptionalDouble count = NumberText.read(text);
        if (count.isEmpty()) {
            wrong.add(typed.field("since"), "figure.form");
            return null;
        }
        return count.getAsDouble();
    }

    private Optional<Double> figure(String field, PastLine known, Measure measure, String typed, Violations wrong) {
        if (!known.figures().contains(measure)) {
            wrong.add(field, "step.FIGURE_NOT_OF_STEP");
            return Optional.empty();
        }
        LengthReading reading = LengthText.read(typed, house.lengthUnit());
        if (reading instanceof LengthReading.Refused refused) {
            wrong.add(field, "length." + refused.why());
            return Optional.empty();
        }
        double mm = ((LengthReading.Read) reading).mm();
        if (!measure.possible(mm)) {
            wrong.add(
                    field,
                    "step.FIGURE_IMPOSSIBLE",
                    new Said.Length(measure.min(), Rounding.UP),
                    new Said.Length(measure.max(), Rounding.DOWN));
            return Optional.empty();
        }
        return Optional.of(mm);
    }

    private static void refuse(Read line, PastSums.Refusal refusal, Violations wrong) {
        PastEntry other = refusal.other();
        wrong.add(
                line.typed().field("since"),
                "past." + refusal.reason(),
                refusal.most() == null ? "" : refusal.most(),
                other == null ? "" : told(other.day()));
    }

    static String told(LocalDate day) {
        return DAY.format(day);
    }
}
