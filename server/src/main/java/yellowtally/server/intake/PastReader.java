package yellowtally.server.intake;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
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
class PastReader {

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

    /** A line that was read; {@code roughly} where only a month or a year was told. */
    record Read(PastEntry entry, boolean roughly) {}

    /** The lines that say something, with the sums over them. */
    record Book(List<Read> lines, PastSums sums) {

        /** What counts as used since a line; absent while nobody knows. */
        @Nullable
        Double since(PastEntry entry) {
            OptionalDouble since = sums.since(entry);
            return since.isPresent() ? Double.valueOf(since.getAsDouble()) : null;
        }
    }

    /** Reads the lines; what is wrong with any of them is said in {@code wrong}, at {@code past.STEP.day} and so on. */
    Book read(List<PastInput.PastLineInput> given, About about, Violations wrong) {
        List<Read> lines = new ArrayList<>();
        Set<Step> seen = EnumSet.noneOf(Step.class);
        for (PastInput.PastLineInput line : given) {
            PastLine known = PastLine.of(line.step()).orElse(null);
            if (known == null) {
                wrong.add(field(line.step(), "day"), "past.step");
            } else if (!seen.add(line.step())) {
                wrong.add(field(line.step(), "day"), "past.twice");
            } else if (!line.blank()) {
                read(line, known, about, wrong).ifPresent(lines::add);
            }
        }
        List<PastEntry> all = new ArrayList<>(about.told());
        lines.forEach(line -> all.add(line.entry()));
        PastSums sums = new PastSums(all, about.to(), about.power(), about.numbers());
        for (Read line : lines) {
            sums.refusal(line.entry()).ifPresent(refusal -> refuse(line.entry(), refusal, wrong));
        }
        return new Book(List.copyOf(lines), sums);
    }

    private Optional<Read> read(PastInput.PastLineInput line, PastLine known, About about, Violations wrong) {
        Step step = line.step();
        DayReading.Read day = day(step, line.day(), about, wrong).orElse(null);
        Double since = since(step, line.since(), wrong);
        Map<Measure, Double> figures = new EnumMap<>(Measure.class);
        if (line.figures() != null) {
            line.figures().forEach((measure, typed) -> {
                if (!typed.isBlank()) {
                    figure(step, known, measure, typed, wrong).ifPresent(mm -> figures.put(measure, mm));
                }
            });
        }
        return day == null
                ? Optional.empty()
                : Optional.of(new Read(new PastEntry(step, day.day(), since, figures), day.roughly()));
    }

    private static Optional<DayReading.Read> day(Step step, @Nullable String typed, About about, Violations wrong) {
        DayReading reading = DayText.read(typed == null ? "" : typed, about.today());
        if (reading instanceof DayReading.Refused refused) {
            wrong.add(field(step, "day"), "day." + refused.why());
            return Optional.empty();
        }
        DayReading.Read read = (DayReading.Read) reading;
        if (read.day().isAfter(about.to())) {
            wrong.add(field(step, "day"), "past.here", told(about.to()));
            return Optional.empty();
        }
        if (about.told().stream()
                .anyMatch(entry -> entry.step() == step && entry.day().equals(read.day()))) {
            wrong.add(field(step, "day"), "past.toldAlready");
            return Optional.empty();
        }
        if (about.from() != null && read.day().isBefore(about.from())) {
            if (read.last().isBefore(about.from())) {
                wrong.add(field(step, "day"), "past.beforeService", told(about.from()));
                return Optional.empty();
            }
            // Of a month or a year the part that lies in service is meant.
            return Optional.of(new DayReading.Read(about.from(), read.last()));
        }
        return Optional.of(read);
    }

    private static @Nullable Double since(Step step, @Nullable String typed, Violations wrong) {
        if (typed == null || typed.isBlank()) {
            return null;
        }
        OptionalDouble count = NumberText.read(typed);
        if (count.isEmpty()) {
            wrong.add(field(step, "since"), "figure.form");
            return null;
        }
        return count.getAsDouble();
    }

    private Optional<Double> figure(Step step, PastLine known, Measure measure, String typed, Violations wrong) {
        String field = field(step, measure.name());
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

    private static void refuse(PastEntry entry, PastSums.Refusal refusal, Violations wrong) {
        PastEntry other = refusal.other();
        wrong.add(
                field(entry.step(), "since"),
                "past." + refusal.reason(),
                refusal.most() == null ? "" : refusal.most(),
                other == null ? "" : told(other.day()));
    }

    private static String told(LocalDate day) {
        return DAY.format(day);
    }

    static String field(Step step, String of) {
        return "past." + step + "." + of;
    }
}
