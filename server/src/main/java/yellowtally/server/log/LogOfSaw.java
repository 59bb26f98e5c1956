package yellowtally.server.log;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowtally.core.log.MonthOfUse;
import yellowtally.server.support.Refusal;

/** The log of one saw and a span of time, whole, for its papers. */
@Service
public class LogOfSaw {

    /** More than this nobody reads on paper. */
    private static final int MOST = 10_000;

    private final LogBook book;
    private final LogWords words;
    private final Clock clock;

    LogOfSaw(LogBook book, LogWords words, Clock clock) {
        this.book = book;
        this.words = words;
        this.clock = clock;
    }

    /**
     * A span of a saw's log.
     *
     * @param lines what counts, earliest first
     * @param struck what was struck out, earliest first
     * @param use by months, of what counts
     * @param notUnderstood how many records there are besides that cannot be read
     */
    public record Span(List<LogLine> lines, List<LogLine> struck, List<MonthOfUse> use, int notUnderstood) {}

    /**
     * Reads a span.
     *
     * @param from the first moment
     * @param before the moment behind its last
     */
    public Span read(UUID saw, Instant from, Instant before) {
        LogFilter all = new LogFilter(saw, null, from, before, null, false, LogFilter.Window.page(MOST));
        LogPage page = book.page(EnumSet.allOf(LogKind.class), all);
        if (page.next() != null) {
            throw Refusal.unfit("from", "paper.long", MOST);
        }
        List<LogEntry> earliestFirst = new ArrayList<>(page.entries());
        Collections.reverse(earliestFirst);
        List<LogLine> lines = earliestFirst.stream().map(words::line).toList();
        return new Span(
                lines.stream().filter(line -> line.told().struck() == null).toList(),
                lines.stream().filter(line -> line.told().struck() != null).toList(),
                MonthOfUse.of(earliestFirst.stream()
                        .flatMap(entry -> back(entry).stream())
                        .toList()),
                page.notUnderstood());
    }

    private Optional<MonthOfUse.Return> back(LogEntry entry) {
        return entry instanceof LogEntry.CameBack back && back.struck() == null && back.back() != null
                ? Optional.of(new MonthOfUse.Return(
                        LocalDate.ofInstant(back.at(), clock.getZone()),
                        back.back().use().tanks()))
                : Optional.empty();
    }
}
