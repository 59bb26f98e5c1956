package yellowtally.server.log;

import java.io.IOException;
import java.io.Writer;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.steps.FigureKind;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.tension.TensionMethod;
import yellowtally.server.sheets.CsvSheet;
import yellowtally.server.sheets.Words;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Said;
import yellowtally.server.usage.Use;

/** The log as a sheet: a line for each record, with what was read, the part and who in it, as a paper book has it. */
@Component
class LogSheet {

    private static final List<String> HEADINGS = List.of(
            "When", "Saw", "Kind", "What", "Outcome", "Read", "Found", "Part", "Note", "By", "Device", "Struck out");

    /** So many lines are read at once. */
    static final LogFilter.Window AT_ONCE = LogFilter.Window.page(5_000);

    private static final String STEP = "step";
    private static final String AND = "; ";

    private final LogBook book;
    private final HouseUnits house;
    private final Clock clock;
    private final Words words = Words.ofScreens();

    LogSheet(LogBook book, HouseUnits house, Clock clock) {
        this.book = book;
        this.house = house;
        this.clock = clock;
    }

    /** What a line says beside when, where and who. */
    private record Line(
            String what,
            @Nullable String outcome,
            @Nullable String read,
            @Nullable String found,
            @Nullable String part,
            @Nullable String note,
            LogEntry.@Nullable StrikeLine struck) {

        static Line of(String what, @Nullable String found, @Nullable String note) {
            return new Line(what, null, null, found, null, note, null);
        }
    }

    /** Writes all that fits, latest first, a page at a time. */
    void write(Set<LogKind> kinds, LogFilter filter, Writer out) throws IOException {
        CsvSheet sheet = new CsvSheet(out);
        sheet.row(HEADINGS);
        LogFilter left = filter;
        while (true) {
            LogPage page = book.page(EnumSet.copyOf(kinds), left);
            for (LogEntry entry : page.entries()) {
                sheet.row(cells(entry));
            }
            if (page.next() == null) {
                return;
            }
            left = filter.endsBefore(page.next());
        }
    }

    private List<@Nullable Object> cells(LogEntry entry) {
        Line line = line(entry);
        List<@Nullable Object> cells = new ArrayList<>();
        cells.add(LocalDateTime.ofInstant(entry.at(), clock.getZone()));
        cells.add(entry.tag());
        cells.add(words.of("kind", entry.kind()));
        cells.add(line.what());
        cells.add(line.outcome());
        cells.add(line.read());
        cells.add(line.found());
        cells.add(line.part());
        cells.add(line.note());
        cells.add(entry.by());
        cells.add(entry.device());
        cells.add(
                line.struck() == null
                        ? null
                        : line.struck().by() + ": " + line.struck().reason());
        return cells;
    }

    private Line line(LogEntry entry) {
        if (entry instanceof LogEntry.StepTaken step) {
            return step(step);
        } else if (entry instanceof LogEntry.WentOut out) {
            return new Line("Out", null, null, out.crew(), null, out.note(), out.struck());
        } else if (entry instanceof LogEntry.CameBack back) {
            return back(back);
        } else if (entry instanceof LogEntry.SetFitted fitted) {
            return fitted(fitted);
        } else if (entry instanceof LogEntry.HeldByPerson held) {
            return Line.of("Held", null, held.note());
        } else if (entry instanceof LogEntry.Released) {
            return Line.of("Released", null, null);
        } else if (entry instanceof LogEntry.VisitEnded ended) {
            String decision = words.of("decision", ended.decision());
            return new Line("Visit closed", decision, null, null, null, ended.note(), ended.struck());
        } else if (entry instanceof LogEntry.SawChanged changed) {
            String before = changed.tagBefore() == null ? null : "before it was " + changed.tagBefore();
            return Line.of(words.of("sawChange", changed.change()), before, changed.note());
        } else {
            LogEntry.FaultTold fault = (LogEntry.FaultTold) entry;
            String happened = fault.fault().happened() == null
                    ? "Complaint"
                    : words.of("faultEvent", fault.fault().happened());
            return Line.of(happened, fault.fault().what(), fault.note());
        }
    }

    private Line step(LogEntry.StepTaken entry) {
        LogEntry.StepLine step = entry.step();
        String outcome = step.tension() == null
                ? words.of("outcome", step.outcome())
                : words.of("tensionOutcome", step.tension());
        Stream<String> reading = Stream.ofNullable(step.reading()).map(this::reading);
        Stream<String> figures =
                new TreeMap<>(step.figures()).entrySet().stream().map(this::figure);
        Stream<String> told = step.told() ? Stream.of("told out of a notebook") : Stream.empty();
        Stream<String> findings =
                step.findings().stream().sorted().map((Finding finding) -> words.of("finding", finding));
        return new Line(
                words.of(STEP, step.step()),
                outcome,
                joined(Stream.concat(reading, figures)),
                joined(Stream.concat(findings, told)),
                step.part(),
                entry.note(),
                entry.struck());
    }

    private String reading(LogEntry.ReadingLine reading) {
        String method = words.of("method", reading.method()).toLowerCase(Locale.ROOT);
        if (reading.figure() == null) {
            return reading.tips() == null
                    ? method
                    : "by eye, tips " + words.of("tips", reading.tips()).toLowerCase(Locale.ROOT);
        }
        String figure = reading.method() == TensionMethod.TWELFTH_PAST_TOUCH
                ? number(reading.figure()) + "°"
                : new Said.Length(reading.figure()).in(house);
        return figure + ", " + method;
    }

    private String figure(Map.Entry<Measure, Double> figure) {
        String said = figure.getKey().kind() == FigureKind.LENGTH
                ? new Said.Length(figure.getValue()).in(house)
                : number(figure.getValue()) + unit(figure.getKey().kind());
        return words.of("measure", figure.getKey()) + " " + said;
    }

    private static String number(double figure) {
        return figure == Math.rint(figure) ? String.valueOf((long) figure) : String.valueOf(figure);
    }

    private String unit(FigureKind kind) {
        String said = words.of("figureUnit", kind.name());
        return kind == FigureKind.COUNT ? "" : " " + said;
    }

    private Line back(LogEntry.CameBack entry) {
        if (entry.back() == null) {
            return new Line("Back", null, null, entry.crew(), null, entry.note(), entry.struck());
        }
        Use use = entry.back().use();
        Stream<String> did = Stream.of(
                        use.works().stream().map(work -> words.of("work", work)),
                        use.woods().stream().map(wood -> words.of("wood", wood) + " wood"),
                        yes(use.rain(), "rain"),
                        yes(use.groundStruck(), "ground struck"),
                        yes(use.dustSeen(), "dust seen"),
                        yes(Boolean.TRUE.equals(use.chainSlack()), "chain slack"),
                        Stream.ofNullable(use.complaint()).map(said -> "“" + said + "”"))
                .flatMap(some -> some);
        String burned =
                number(use.tanks()) + " " + words.of("burned", entry.back().power());
        return new Line("Back", null, burned, joined(did), null, entry.note(), entry.struck());
    }

    private static Stream<String> yes(boolean was, String said) {
        return was ? Stream.of(said) : Stream.empty();
    }

    private static Line fitted(LogEntry.SetFitted entry) {
        LogEntry.SetLine set = entry.set();
        String parts = Stream.of(set.chain(), set.bar(), set.sprocket())
                .filter(part -> part != null)
                .collect(Collectors.joining(AND));
        return new Line(set.newChain() ? "Fitted, new chain" : "Fitted", null, null, null, parts, entry.note(), null);
    }

    private static @Nullable String joined(Stream<String> said) {
        String all = said.collect(Collectors.joining(AND));
        return all.isEmpty() ? null : all;
    }
}
