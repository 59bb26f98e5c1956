package yellowtally.server.paper;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowtally.server.log.LogKind;
import yellowtally.server.log.LogLine;

/**
 * The work of a saw as its certificate lists it: a line for each step of which there is something to tell, and one for all steps of a
 * day that one person ended alike and of which there is nothing else.
 */
final class WorkLines {

    private WorkLines() {}

    /** A line; {@code steps} names one step or several. */
    record WorkLine(
            Instant at,
            String steps,
            @Nullable String outcome,
            @Nullable String read,
            @Nullable String found,
            @Nullable String part,
            String by) {

        WorkLine and(String more) {
            return new WorkLine(at, steps + "; " + more, outcome, read, found, part, by);
        }
    }

    /** What is alike in steps that share a line. */
    private record Alike(LocalDate day, String by, @Nullable String outcome) {}

    /** The lines, in the order of what was first on each. */
    static List<WorkLine> of(List<LogLine> lines, PhotoPages.Numbered pictures, ZoneId zone) {
        List<WorkLine> made = new ArrayList<>();
        Map<Alike, Integer> shared = new HashMap<>();
        for (LogLine line : lines) {
            LogLine.Told told = line.told();
            if (line.kind() == LogKind.STEP && nothingElse(told) && pictures.said(line.id()) == null) {
                Alike alike = new Alike(LocalDate.ofInstant(line.at(), zone), line.by(), told.outcome());
                Integer place = shared.putIfAbsent(alike, made.size());
                if (place != null) {
                    made.set(place, made.get(place).and(told.what()));
                } else {
                    made.add(line(line, null, null));
                }
            } else if (line.kind() == LogKind.STEP || line.kind() == LogKind.VISIT_ENDED) {
                made.add(line(line, told.part(), pictures.said(line.id())));
            }
        }
        return made;
    }

    private static boolean nothingElse(LogLine.Told told) {
        return told.read() == null && told.found() == null && told.note() == null;
    }

    private static WorkLine line(LogLine line, @Nullable String part, @Nullable String photos) {
        LogLine.Told told = line.told();
        return new WorkLine(
                line.at(),
                told.what(),
                told.outcome(),
                told.read(),
                Certificate.joined(Certificate.joined(told.found(), told.note()), photos),
                part,
                line.by());
    }
}
