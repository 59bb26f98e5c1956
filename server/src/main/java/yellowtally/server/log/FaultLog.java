package yellowtally.server.log;

import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.diagnosis.Cause;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.core.oiling.Wet;
import yellowtally.server.knowledge.Knowledge;

/** Lines of the log about faults; answers of the finder stand on the fault itself. */
@Component
class FaultLog {

    private static final List<FaultEventKind> QUIET = List.of(FaultEventKind.ANSWERED, FaultEventKind.TAKEN_BACK);

    private final EntityManager records;
    private final Knowledge knowledge;

    FaultLog(EntityManager records, Knowledge knowledge) {
        this.records = records;
        this.knowledge = knowledge;
    }

    List<LogEntry> lines(LogFilter filter, Function<UUID, String> tag, Function<@Nullable UUID, String> person) {
        List<LogEntry> lines = new ArrayList<>();
        for (Object[] row : rows(
                "select f.id, f.at, f.sawId, f.personId, f.complaint, f.seen from Fault f"
                        + filter.where("f.sawId", "f.personId", "f.at") + " order by f.at desc",
                filter)) {
            lines.add(line(
                    (UUID) row[0],
                    (Instant) row[1],
                    tag.apply((UUID) row[2]),
                    person.apply((UUID) row[3]),
                    new LogEntry.FaultLogLine(
                            (UUID) row[0],
                            null,
                            knowledge.complaint((String) row[4]).title(),
                            null),
                    (String) row[5]));
        }
        for (Object[] row : rows(
                "select e.id, e.at, f.sawId, e.personId, e.kind, e.cause, e.wet, e.note, f.id, f.complaint"
                        + " from FaultEventRow e join Fault f on f.id = e.faultId"
                        + filter.where("f.sawId", "e.personId", "e.at")
                        + " and e.kind not in (" + quiet() + ") order by e.at desc",
                filter)) {
            Cause cause = knowledge.cause((String) row[5]);
            String what = row[5] == null
                    ? knowledge.complaint((String) row[9]).title()
                    : cause == null ? (String) row[5] : cause.title();
            lines.add(line(
                    (UUID) row[0],
                    (Instant) row[1],
                    tag.apply((UUID) row[2]),
                    person.apply((UUID) row[3]),
                    new LogEntry.FaultLogLine((UUID) row[8], (FaultEventKind) row[4], what, (Wet) row[6]),
                    (String) row[7]));
        }
        return lines;
    }

    private static String quiet() {
        return String.join(
                ", ", QUIET.stream().map(kind -> "FaultEventKind." + kind).toList());
    }

    private List<Object[]> rows(String query, LogFilter filter) {
        TypedQuery<Object[]> typed = records.createQuery(query, Object[].class).setMaxResults(LogPage.MOST + 1);
        filter.values().forEach(typed::setParameter);
        return typed.getResultList();
    }

    private static LogEntry line(
            UUID id, Instant at, String tag, String by, LogEntry.FaultLogLine fault, @Nullable String note) {
        return new LogEntry.FaultTold(id, at, tag, by, fault, note);
    }
}
