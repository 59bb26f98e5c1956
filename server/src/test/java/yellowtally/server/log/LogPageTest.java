package yellowtally.server.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LogPageTest {

    private static LogEntry at(int minute) {
        return new LogEntry.Released(
                UUID.randomUUID(),
                Instant.parse("2026-05-01T07:00:00Z").plusSeconds(60L * minute),
                "06",
                "Ida Marsh",
                null);
    }

    /** Entries at the given minutes, latest first. */
    private static List<LogEntry> at(String minutes) {
        List<LogEntry> entries = new ArrayList<>();
        for (String minute : minutes.split(" ")) {
            entries.add(at(Integer.parseInt(minute)));
        }
        return entries;
    }

    /** Pages of at most four: what happened at one moment is never cut apart. */
    @ParameterizedTest
    @CsvSource({
        "9 8 7,           3, ",
        "9 8 7 6,         4, ",
        "9 8 7 6 5,       4, 6",
        "9 8 7 7 7,       2, 8",
        "9 7 7 7 7 7,     1, 9",
        "7 7 7 7 7,       5, 7",
    })
    void cut(String minutes, int shown, @Nullable Integer next) {
        LogPage page = LogPage.cut(at(minutes), 4, 0);
        assertThat(page.entries()).hasSize(shown);
        assertThat(page.next()).isEqualTo(next == null ? null : at(next).at());
    }

    /** However the records lie, page after page shows each of them once. */
    @Test
    void pageAfterPageShowsEverythingOnce() {
        Random random = new Random(7);
        for (int run = 0; run < 200; run++) {
            List<LogEntry> all = new ArrayList<>();
            int minute = 1000;
            while (all.size() < 40) {
                minute -= 1;
                int together = 1 + random.nextInt(4);
                for (int i = 0; i < together; i++) {
                    all.add(at(minute));
                }
            }
            List<LogEntry> shown = new ArrayList<>();
            Instant before = Instant.MAX;
            while (before != null) {
                Instant end = before;
                LogPage page = LogPage.cut(
                        all.stream()
                                .filter(entry -> entry.at().isBefore(end))
                                .limit(6)
                                .toList(),
                        5,
                        0);
                shown.addAll(page.entries());
                before = page.next();
            }
            assertThat(shown).isEqualTo(all);
        }
    }

    /** Of a kind that is read later only what reaches into the page is read, and the page is the same. */
    @Test
    void whatIsOlderThanAPageIsNotMissed() {
        Random random = new Random(11);
        for (int run = 0; run < 200; run++) {
            List<LogEntry> steps = latestFirst(random, random.nextInt(300));
            List<LogEntry> others = latestFirst(random, random.nextInt(300));
            List<LogEntry> read = new ArrayList<>(steps.subList(0, Math.min(steps.size(), LogPage.MOST + 1)));
            Instant reach = LogPage.reach(read, LogPage.MOST).orElse(Instant.MIN);
            others.stream()
                    .filter(entry -> !entry.at().isBefore(reach))
                    .limit(LogPage.MOST + 1)
                    .forEach(read::add);
            List<LogEntry> all = new ArrayList<>(steps);
            all.addAll(others);
            assertThat(moments(read)).isEqualTo(moments(all));
        }
    }

    private static List<LogEntry> latestFirst(Random random, int many) {
        return random.ints(many, 0, 2_000)
                .mapToObj(LogPageTest::at)
                .sorted(Comparator.comparing(LogEntry::at).reversed())
                .toList();
    }

    private static List<Instant> moments(List<LogEntry> found) {
        List<LogEntry> sorted = found.stream()
                .sorted(Comparator.comparing(LogEntry::at).reversed())
                .toList();
        return LogPage.cut(sorted, LogPage.MOST, 0).entries().stream()
                .map(LogEntry::at)
                .toList();
    }
}
