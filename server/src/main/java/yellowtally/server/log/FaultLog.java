package yellowtally.server.log;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.diagnosis.Cause;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.core.oiling.Wet;
import yellowtally.server.knowledge.Knowledge;
import yellowtally.server.photos.Photos;

/** Lines of the log about faults; answers of the finder stand on the fault itself. */
@Component
class FaultLog {

    private static final List<FaultEventKind> QUIET =
            List.of(FaultEventKind.ANSWERED, FaultEventKind.TAKEN_BACK, FaultEventKind.DOUBTED);

    /** A complaint, as it was told. */
    private record Told(
            UUID id,
            Instant at,
            UUID sawId,
            UUID personId,
            String device,
            String complaint,
            @Nullable String seen) {}

    /** What happened to a fault. */
    private record Happened(
            UUID id,
            Instant at,
            UUID sawId,
            UUID personId,
            String device,
            FaultEventKind kind,
            @Nullable String cause,
            @Nullable Wet wet,
            @Nullable String note,
            UUID faultId,
            String complaint) {}

    private final EntityManager records;
    private final Knowledge knowledge;
    private final Photos photos;

    FaultLog(EntityManager records, Knowledge knowledge, Photos photos) {
        this.records = records;
        this.knowledge = knowledge;
        this.photos = photos;
    }

    List<LogEntry> lines(LogFilter filter, Function<UUID, String> tag, Function<@Nullable UUID, String> person) {
        List<LogEntry> lines = new ArrayList<>();
        List<Told> complaints = filter.rows(
                records,
                Told.class,
                "select f.id, f.at, f.sawId, f.personId, f.device, f.complaint, f.seen from Fault f"
                        + filter.where("f.sawId", "f.personId", "f.at") + " order by f.at desc, f.id");
        Map<UUID, List<UUID>> pictures =
                photos.ids(complaints.stream().map(Told::id).toList());
        for (Told told : complaints) {
            lines.add(line(
                    told.id(),
                    told.at(),
                    tag.apply(told.sawId()),
                    person.apply(told.personId()),
                    told.device(),
                    new LogEntry.FaultLogLine(
                            told.id(),
                            null,
                            knowledge.complaint(told.complaint()).title(),
                            null),
                    told.seen(),
                    pictures.getOrDefault(told.id(), List.of())));
        }
        for (Happened event : filter.rows(
                records,
                Happened.class,
                "select e.id, e.at, f.sawId, e.personId, e.device, e.kind, e.cause, e.wet, e.note, f.id, f.complaint"
                        + " from FaultEventRow e join Fault f on f.id = e.faultId"
                        + filter.where("f.sawId", "e.personId", "e.at")
                        + " and e.kind not in (" + quiet() + ") order by e.at desc, e.seq desc")) {
            Cause cause = knowledge.cause(event.cause());
            String what = event.cause() == null
                    ? knowledge.complaint(event.complaint()).title()
                    : event.kind() == FaultEventKind.SORTED
                            ? knowledge.complaint(event.cause()).title()
                            : cause == null ? event.cause() : cause.title();
            lines.add(line(
                    event.id(),
                    event.at(),
                    tag.apply(event.sawId()),
                    person.apply(event.personId()),
                    event.device(),
                    new LogEntry.FaultLogLine(event.faultId(), event.kind(), what, event.wet()),
                    event.note(),
                    List.of()));
        }
        return lines;
    }

    private static String quiet() {
        return String.join(
                ", ", QUIET.stream().map(kind -> "FaultEventKind." + kind).toList());
    }

    private static LogEntry line(
            UUID id,
            Instant at,
            String tag,
            String by,
            String device,
            LogEntry.FaultLogLine fault,
            @Nullable String note,
            List<UUID> pictures) {
        return new LogEntry.FaultTold(id, at, tag, by, device, fault, note, pictures);
    }
}
