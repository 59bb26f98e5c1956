package yellowtally.server.log;

import java.io.IOException;
import java.io.Writer;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.server.sheets.CsvSheet;

/** The log as a sheet: a line for each record, with what was read, the part and who in it. */
@Component
class LogSheet {

    private static final List<String> HEADINGS = List.of(
            "When", "Saw", "Kind", "What", "Outcome", "Read", "Found", "Part", "Note", "By", "Device", "Struck out");

    /** So many lines are read at once. */
    static final LogFilter.Window AT_ONCE = LogFilter.Window.page(5_000);

    private final LogBook book;
    private final LogWords words;
    private final Clock clock;

    LogSheet(LogBook book, LogWords words, Clock clock) {
        this.book = book;
        this.words = words;
        this.clock = clock;
    }

    /** Writes all that fits, latest first, a page at a time. */
    void write(Set<LogKind> kinds, LogFilter filter, Writer out) throws IOException {
        CsvSheet sheet = new CsvSheet(out);
        sheet.row(HEADINGS);
        LogFilter left = filter;
        while (true) {
            LogPage page = book.page(EnumSet.copyOf(kinds), left);
            for (LogEntry entry : page.entries()) {
                sheet.row(cells(words.line(entry)));
            }
            if (page.next() == null) {
                return;
            }
            left = filter.endsBefore(page.next());
        }
    }

    private List<@Nullable Object> cells(LogLine line) {
        LogLine.Told told = line.told();
        List<@Nullable Object> cells = new ArrayList<>();
        cells.add(LocalDateTime.ofInstant(line.at(), clock.getZone()));
        cells.add(line.tag());
        cells.add(line.kindSaid());
        cells.add(told.what());
        cells.add(told.outcome());
        cells.add(told.read());
        cells.add(told.found());
        cells.add(told.part());
        cells.add(told.note());
        cells.add(line.by());
        cells.add(line.device());
        cells.add(told.struck());
        return cells;
    }
}
