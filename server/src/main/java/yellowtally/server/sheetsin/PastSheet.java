package yellowtally.server.sheetsin;

import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import yellowtally.core.measure.NumberText;
import yellowtally.core.measure.Rounding;
import yellowtally.core.past.PastLine;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.intake.Past;
import yellowtally.server.intake.PastInput.PastLineInput;
import yellowtally.server.intake.PastReader.Typed;
import yellowtally.server.sheets.Words;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Refusal.Fault;
import yellowtally.server.support.Said;
import yellowtally.server.support.Violations;

/** Lines that tell something of a saw's past: all of one saw are read together, since each must agree with the others. */
abstract class PastSheet implements JudgesFirst {

    private final Fleet fleet;
    private final Past past;
    private final HouseUnits house;
    private final EntityManager records;
    final Words words = Words.ofScreens();

    PastSheet(Fleet fleet, Past past, HouseUnits house, EntityManager records) {
        this.fleet = fleet;
        this.past = past;
        this.house = house;
        this.records = records;
    }

    /** What a line tells; nothing where it cannot be read, which is said in {@code wrong}. */
    abstract @Nullable PastLineInput read(Line line, Violations wrong);

    /** What a line calls the field of a fault. */
    abstract String field(String fault);

    @Override
    public void judge(Lines lines, Told told, Report report) throws IOException {
        for (Map.Entry<UUID, List<Integer>> of : bySaw(lines, report).entrySet()) {
            read(of, lines, told, report);
            records.clear();
        }
    }

    /** Judged again with its saws locked, all of it before the first of it is stored: from then on others wait for the disk. */
    @Override
    public void bring(Lines lines, Told told, Report report) throws IOException {
        Deque<Past.Book> books = new ArrayDeque<>();
        for (Map.Entry<UUID, List<Integer>> of : bySaw(lines, report).entrySet()) {
            books.add(read(of, lines, told, report));
            records.clear();
        }
        // Each is let go of when it is stored: a long sheet takes room enough.
        while (!books.isEmpty()) {
            past.write(books.remove(), told.by());
            records.clear();
        }
    }

    private Map<UUID, List<Integer>> bySaw(Lines lines, Report report) throws IOException {
        Map<UUID, List<Integer>> bySaw = new LinkedHashMap<>();
        SawTags tags = new SawTags(fleet);
        for (int i = 0; i < lines.size(); i++) {
            int index = i;
            tags.of(lines.line(i), report)
                    .ifPresent(saw ->
                            bySaw.computeIfAbsent(saw, id -> new ArrayList<>()).add(index));
        }
        return bySaw;
    }

    /** All that is told of one saw, as far as it can be. */
    private Past.Book read(Map.Entry<UUID, List<Integer>> of, Lines lines, Told told, Report report)
            throws IOException {
        Saw saw = fleet.byId(of.getKey());
        List<Integer> own = of.getValue();
        List<Typed> typed = new ArrayList<>();
        for (int index : own) {
            Line line = lines.line(index);
            Violations wrong = new Violations();
            PastLineInput input = read(line, wrong);
            if (wrong.found() || input == null) {
                report.wrong(line, wrong.faults());
            } else {
                typed.add(new Typed(String.valueOf(index), input));
            }
        }
        Violations wrong = new Violations();
        Past.Book book = past.read(saw, typed, told.order(), wrong);
        Map<Integer, List<Fault>> faults = new LinkedHashMap<>();
        for (Fault fault : wrong.faults()) {
            int dot = fault.field().indexOf('.');
            faults.computeIfAbsent(Integer.valueOf(fault.field().substring(0, dot)), index -> new ArrayList<>())
                    .add(new Fault(field(fault.field().substring(dot + 1)), fault.code(), fault.figures()));
        }
        for (Map.Entry<Integer, List<Fault>> fault : faults.entrySet()) {
            report.wrong(lines.line(fault.getKey()), fault.getValue());
        }
        for (Past.Line line : book.lines()) {
            int index = Integer.parseInt(line.typed().field());
            if (!faults.containsKey(index)) {
                report.good(lines.line(index), says(saw, line));
            }
        }
        return book;
    }

    private String says(Saw saw, Past.Line line) {
        Step step = line.entry().step();
        StringBuilder says = new StringBuilder("Saw ")
                .append(saw.tag())
                .append(": ")
                .append(words.of("step", step))
                .append(", ")
                .append(line.entry().day());
        line.entry().figures().forEach((measure, mm) -> says.append(", ").append(figure(measure, mm)));
        if (line.since() != null && PastLine.of(step).map(PastLine::since).isPresent()) {
            says.append(line.entry().since() == null ? ", at most " : ", ")
                    .append(NumberText.said(line.since(), 1))
                    .append(' ')
                    .append(PastLine.of(step)
                            .map(PastLine::since)
                            .orElseThrow()
                            .name()
                            .toLowerCase(Locale.ROOT))
                    .append(" since");
        }
        if (line.verdict().outcome() == StepOutcome.FAIL) {
            says.append("; it holds the saw: ")
                    .append(line.verdict().findings().stream()
                            .map(finding -> words.of("finding", finding))
                            .collect(Collectors.joining(", ")));
        }
        return says.toString();
    }

    private String figure(Measure measure, double mm) {
        return words.of("measure", measure).toLowerCase(Locale.ROOT) + " "
                + new Said.Length(mm, Rounding.NEAREST).in(house);
    }
}
