package yellowtally.server.standing;

import jakarta.persistence.EntityManager;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.hibernate.Session;
import org.springframework.stereotype.Component;
import yellowtally.core.log.SawLog;
import yellowtally.server.usage.EndedOuting;
import yellowtally.server.worklog.VisitBook;

/**
 * Reads what the rules need of one saw over the session's own connection and not as entities: it is the one place that reads
 * thousands of rows, and the board waits for it.
 */
@Component
class RecordReader {

    private static final String VISIT = "select v.id from visit v where v.open_saw_id = ?";

    private final EntityManager entities;
    private final VisitBook visits;

    RecordReader(EntityManager entities, VisitBook visits) {
        this.entities = entities;
        this.visits = visits;
    }

    /** Which day a moment belongs to. */
    interface Days {
        LocalDate day(Instant at);
    }

    /** Everything the rules look at; cost grows with the records of this saw and its parts alone. */
    SawRecords read(FittedSaw fitted, Days days) {
        return entities.unwrap(Session.class).doReturningWork(connection -> read(fitted, new Rows(connection), days));
    }

    private SawRecords read(FittedSaw fitted, Rows rows, Days days) throws SQLException {
        Hanging on = new Hanging(fitted, rows);
        List<EndedOuting> outings = OutingRows.read(rows, on);
        SawLog log = StepRows.read(rows, on, days);
        SawRecords read = new SawRecords(
                TensionRows.read(rows, on),
                outings,
                log,
                HoldRows.read(rows, on),
                PartRows.loops(rows, on),
                PartRows.newSprocketAt(rows, on),
                PartRows.read(rows, on, outings, log),
                FaultRows.read(rows, on),
                rows.read(VISIT, row -> row.id("id"), on.saw()).stream()
                        .map(visit -> new OpenVisit(visit, visits.story(visit)))
                        .findFirst()
                        .orElse(null),
                AwayRows.open(rows, on),
                0);
        // Last: all were read by then.
        return read.withNotUnderstood(rows.notUnderstood());
    }
}
