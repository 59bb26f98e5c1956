package yellowtally.server.visit;

import java.time.Clock;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.holds.Corrections;
import yellowtally.server.people.Person;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.Refusal;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.Worklog;

/** Strikes records out, and says beforehand what that will do to the saw. */
@Service
class Strikes {

    private final Fleet fleet;
    private final Worklog worklog;
    private final Corrections corrections;
    private final FleetRevision revision;
    private final Clock clock;
    private final TransactionTemplate trying;

    Strikes(
            Fleet fleet,
            Worklog worklog,
            Corrections corrections,
            FleetRevision revision,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.fleet = fleet;
        this.worklog = worklog;
        this.corrections = corrections;
        this.revision = revision;
        this.clock = clock;
        this.trying = new TransactionTemplate(transactions);
    }

    /** Strikes a record out; runs within the caller's transaction. */
    void strike(UUID recordId, Person by, String reason) {
        strike(struckOut(recordId), by, reason);
    }

    /** The same of a record that was found already. */
    void strike(WorkRecord record, Person by, String reason) {
        corrections.make(
                saw(record),
                by,
                record.outcome() == WorkOutcome.FAIL,
                () -> worklog.strike(record, reason, clock.instant(), by.id()));
    }

    /** What striking it out would do: done and taken back. */
    Corrections.Effect effect(UUID recordId) {
        return Objects.requireNonNull(trying.execute(status -> {
            status.setRollbackOnly();
            WorkRecord record = struckOut(recordId);
            try {
                return corrections.effect(
                        saw(record),
                        record.outcome() == WorkOutcome.FAIL,
                        () -> worklog.strike(record, "", clock.instant(), record.personId()));
            } finally {
                revision.forget();
            }
        }));
    }

    private Saw saw(WorkRecord record) {
        return fleet.saw(fleet.tag(record.sawId()));
    }

    private WorkRecord struckOut(UUID recordId) {
        WorkRecord record = worklog.find(recordId).orElseThrow(() -> Refusal.gone("record.unknown"));
        fleet.lock(record.sawId());
        if (worklog.isStruck(recordId)) {
            throw Refusal.conflict("", "record.struck");
        }
        if (record.replacedId() != null) {
            throw Refusal.conflict("", "record.replaced");
        }
        return record;
    }
}
