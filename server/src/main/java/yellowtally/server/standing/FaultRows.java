package yellowtally.server.standing;

import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import yellowtally.core.diagnosis.FaultEvent;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.core.oiling.Wet;

/** Faults of a saw that nobody has closed, or that a hold still stands for, and what happened to them. */
final class FaultRows {

    private static final String FAULTS = """
            select f.id, f.complaint, e.kind, e.at, e.check_code, e.answer, e.cause, e.wet, e.seq
            from fault f left join fault_event e on e.fault_id = f.id
            where f.saw_id = ?
            and (not exists (select 1 from fault_event c where c.fault_id = f.id and c.kind in (""" + Rows.words(FaultEventKind.ENDS) + """
            ))
            or exists (select 1 from saw_hold h where h.fault_id = f.id and not\s""" + HoldRows.RELEASED + """
            ))
            order by f.at, f.id, e.at, e.seq""";

    private FaultRows() {}

    static List<FaultRow> read(Rows rows, Hanging on) throws SQLException {
        Map<UUID, FaultRow> found = new LinkedHashMap<>();
        rows.read(
                FAULTS,
                row -> {
                    UUID id = row.id("id");
                    FaultRow fault = found.get(id);
                    if (fault == null) {
                        fault = new FaultRow(id, String.valueOf(row.text("complaint")), new ArrayList<>());
                        found.put(id, fault);
                    }
                    FaultEventKind kind = row.wordOrNull(FaultEventKind.class, "kind");
                    if (kind != null) {
                        fault.events().add(event(row, kind));
                    }
                    return id;
                },
                on.saw());
        return List.copyOf(found.values());
    }

    private static FaultEvent event(Rows.Row row, FaultEventKind kind) throws SQLException {
        return new FaultEvent(
                row.whole("seq"),
                kind,
                row.instant("at"),
                row.text("check_code"),
                row.text("answer"),
                row.text("cause"),
                row.wordOrNull(Wet.class, "wet"));
    }
}
