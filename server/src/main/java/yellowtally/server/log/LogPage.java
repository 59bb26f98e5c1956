package yellowtally.server.log;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A page of the log, latest first.
 *
 * @param notUnderstood how many records there are besides of which nobody knows what they say
 * @param next the moment before which the next page begins; absent at the end
 */
record LogPage(List<LogEntry> entries, @Nullable Instant next, int notUnderstood) {

    /** More than one request can write at one moment, so that a page never ends within it. */
    static final int MOST = 120;

    /** How far back a page of these goes, with so many at most: the moment of the latest that is left out; empty when all are on it. */
    static Optional<Instant> reach(List<LogEntry> found, int most) {
        return found.size() <= most
                ? Optional.empty()
                : found.stream()
                        .map(LogEntry::at)
                        .sorted(Comparator.reverseOrder())
                        .skip(most)
                        .findFirst();
    }

    /**
     * Cuts a page off the records that were found. What happened at one moment stays together: the next page begins before
     * a moment, and would leave out what is cut off within it.
     *
     * @param notUnderstood how many could not be read
     * @param found latest first; one more than a page of each kind, if there are as many
     */
    static LogPage cut(List<LogEntry> found, int most, int notUnderstood) {
        if (found.size() <= most) {
            return new LogPage(List.copyOf(found), null, notUnderstood);
        }
        Instant leftOut = found.get(most).at();
        List<LogEntry> page = found.stream()
                .limit(most)
                .filter(entry -> entry.at().isAfter(leftOut))
                .toList();
        List<LogEntry> shown = page.isEmpty()
                ? found.stream().filter(entry -> entry.at().equals(leftOut)).toList()
                : page;
        return new LogPage(shown, shown.get(shown.size() - 1).at(), notUnderstood);
    }
}
