package yellowtally.server.sheetsin;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowtally.core.past.ToldUse;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.intake.PastUses;
import yellowtally.server.sheets.Words;
import yellowtally.server.support.Violations;

/** Brings in what saws used before, a line for each saw and day. */
@Component
final class UseSheet implements JudgesFirst {

    private static final String DAY = "day";
    private static final String TANKS = "tanks";

    private final Fleet fleet;
    private final PastUses pastUses;
    private final Words words = Words.ofScreens();

    UseSheet(Fleet fleet, PastUses pastUses) {
        this.fleet = fleet;
        this.pastUses = pastUses;
    }

    @Override
    public SheetKind kind() {
        return SheetKind.USE;
    }

    @Override
    public void judge(Lines lines, Told told, Report report) throws IOException {
        read(lines, told, report);
    }

    @Override
    public void bring(Lines lines, Told told, Report report) throws IOException {
        pastUses.write(read(lines, told, report), told.by());
    }

    /** The days that can be; all else is said in the report. */
    private List<PastUses.Day> read(Lines lines, Told told, Report report) throws IOException {
        SawTags tags = new SawTags(fleet);
        Map<UUID, PastUses.Book> books = new HashMap<>();
        List<PastUses.Day> days = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.line(i);
            Optional<UUID> saw = tags.of(line, report);
            if (saw.isPresent()) {
                PastUses.Book book = books.computeIfAbsent(saw.get(), id -> pastUses.book(fleet.byId(id)));
                read(line, book, told, report).ifPresent(use -> days.add(new PastUses.Day(saw.get(), use)));
            }
        }
        return days;
    }

    private Optional<ToldUse> read(Line line, PastUses.Book book, Told told, Report report) {
        Violations wrong = new Violations();
        LocalDate day = line.day(DAY, told.today(), told.order(), wrong);
        Double tanks = line.number(TANKS, wrong);
        if (tanks == null && !line.has(TANKS)) {
            wrong.add(TANKS, "missing");
        }
        if (day != null && tanks != null) {
            book.refuse(day, tanks, wrong);
        }
        if (wrong.found() || day == null || tanks == null) {
            report.wrong(line, wrong.faults());
            return Optional.empty();
        }
        report.good(
                line,
                "Saw " + book.saw().tag() + ": " + day + ", "
                        + words.burned(tanks, book.saw().details().power()));
        return Optional.of(new ToldUse(day, tanks));
    }
}
