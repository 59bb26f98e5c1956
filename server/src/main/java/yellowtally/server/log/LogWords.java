package yellowtally.server.log;

import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.steps.FigureKind;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.tension.TensionMethod;
import yellowtally.server.log.LogLine.Told;
import yellowtally.server.sheets.Words;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Said;
import yellowtally.server.usage.Use;

/** An entry of the log as a line of words, as a paper book has it. */
@Component
class LogWords {

    private static final String STEP = "step";
    private static final String AND = "; ";

    private final HouseUnits house;
    private final Words words = Words.ofScreens();

    LogWords(HouseUnits house) {
        this.house = house;
    }

    LogLine line(LogEntry entry) {
        return new LogLine(
                entry.id(),
                entry.at(),
                entry.tag(),
                entry.kind(),
                words.of("kind", entry.kind()),
                told(entry),
                entry.by(),
                entry.device());
    }

    private Told told(LogEntry entry) {
        if (entry instanceof LogEntry.StepTaken step) {
            return step(step);
        } else if (entry instanceof LogEntry.WentOut out) {
            return new Told("Out", null, null, out.crew(), null, out.note(), struck(out.struck()));
        } else if (entry instanceof LogEntry.CameBack back) {
            return back(back);
        } else if (entry instanceof LogEntry.SetFitted fitted) {
            return fitted(fitted);
        } else if (entry instanceof LogEntry.HeldByPerson held) {
            return Told.of("Held", null, held.note());
        } else if (entry instanceof LogEntry.Released) {
            return Told.of("Released", null, null);
        } else if (entry instanceof LogEntry.VisitEnded ended) {
            String decision = words.of("decision", ended.decision());
            return new Told("Visit closed", decision, null, null, null, ended.note(), struck(ended.struck()));
        } else if (entry instanceof LogEntry.SawChanged changed) {
            String before = changed.tagBefore() == null ? null : "before it was " + changed.tagBefore();
            return Told.of(words.of("sawChange", changed.change()), before, changed.note());
        } else {
            LogEntry.FaultTold fault = (LogEntry.FaultTold) entry;
            String happened = fault.fault().happened() == null
                    ? "Complaint"
                    : words.of("faultEvent", fault.fault().happened());
            return Told.of(happened, fault.fault().what(), fault.note());
        }
    }

    private Told step(LogEntry.StepTaken entry) {
        LogEntry.StepLine step = entry.step();
        String outcome = step.tension() == null
                ? words.of("outcome", step.outcome())
                : words.of("tensionOutcome", step.tension());
        Stream<String> reading = Stream.ofNullable(step.reading()).map(this::reading);
        Stream<String> figures =
                new TreeMap<>(step.figures()).entrySet().stream().map(this::figure);
        Stream<String> notebook = step.told() ? Stream.of("told out of a notebook") : Stream.empty();
        Stream<String> findings =
                step.findings().stream().sorted().map((Finding finding) -> words.of("finding", finding));
        return new Told(
                words.of(STEP, step.step()),
                outcome,
                joined(Stream.concat(reading, figures)),
                joined(Stream.concat(findings, notebook)),
                step.part(),
                entry.note(),
                struck(entry.struck()));
    }

    private String reading(LogEntry.ReadingLine reading) {
        String method = words.of("method", reading.method()).toLowerCase(Locale.ROOT);
        if (reading.figure() == null) {
            return reading.tips() == null
                    ? method
                    : "by eye, tips " + words.of("tips", reading.tips()).toLowerCase(Locale.ROOT);
        }
        String figure = reading.method() == TensionMethod.TWELFTH_PAST_TOUCH
                ? Words.number(reading.figure()) + "°"
                : new Said.Length(reading.figure()).in(house);
        return figure + ", " + method;
    }

    private String figure(Map.Entry<Measure, Double> figure) {
        String said = figure.getKey().kind() == FigureKind.LENGTH
                ? new Said.Length(figure.getValue()).in(house)
                : Words.number(figure.getValue()) + unit(figure.getKey().kind());
        return words.of("measure", figure.getKey()) + " " + said;
    }

    private String unit(FigureKind kind) {
        String said = words.of("figureUnit", kind.name());
        return kind == FigureKind.COUNT ? "" : " " + said;
    }

    private Told back(LogEntry.CameBack entry) {
        if (entry.back() == null) {
            return new Told("Back", null, null, entry.crew(), null, entry.note(), struck(entry.struck()));
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
        String burned = words.burned(use.tanks(), entry.back().power());
        return new Told("Back", null, burned, joined(did), null, entry.note(), struck(entry.struck()));
    }

    private static Stream<String> yes(boolean was, String said) {
        return was ? Stream.of(said) : Stream.empty();
    }

    private static Told fitted(LogEntry.SetFitted entry) {
        LogEntry.SetLine set = entry.set();
        String parts = Stream.of(set.chain(), set.bar(), set.sprocket())
                .filter(part -> part != null)
                .collect(Collectors.joining(AND));
        return new Told(set.newChain() ? "Fitted, new chain" : "Fitted", null, null, null, parts, entry.note(), null);
    }

    private static @Nullable String joined(Stream<String> said) {
        String all = said.collect(Collectors.joining(AND));
        return all.isEmpty() ? null : all;
    }

    private static @Nullable String struck(LogEntry.@Nullable StrikeLine strike) {
        return strike == null ? null : strike.by() + ": " + strike.reason();
    }
}
