package yellowtally.server.visit;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.holds.Corrections;
import yellowtally.server.people.Person;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Trial;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.Worklog;

/** Strikes records out, and says beforehand what that will do to the saws that they tell of. */
@Service
public class Strikes {

    private final Fleet fleet;
    private final Worklog worklog;
    private final Corrections corrections;
    private final Clock clock;
    private final Trial trial;

    Strikes(Fleet fleet, Worklog worklog, Corrections corrections, Clock clock, Trial trial) {
        this.fleet = fleet;
        this.worklog = worklog;
        this.corrections = corrections;
        this.clock = clock;
        this.trial = trial;
    }

    /** Strikes a record out; runs within the caller's transaction. */
    void strike(UUID recordId, Person by, String reason) {
        strike(worklog.find(recordId).orElseThrow(() -> Refusal.gone("record.unknown")), by, reason);
    }

    /** The same of a record that was found already. */
    void strike(WorkRecord record, Person by, String reason) {
        Collection<UUID> saws = saws(record);
        corrections.make(saws, by, record.outcome() == WorkOutcome.FAIL, () -> {
            refuseStruck(record);
            worklog.strike(record, reason, clock.instant(), by.id());
        });
    }

    /** What striking it out would do: done and taken back. */
    Corrections.Effect effect(UUID recordId) {
        return trial.of(() -> {
            WorkRecord record = worklog.find(recordId).orElseThrow(() -> Refusal.gone("record.unknown"));
            return corrections.effect(saws(record), record.personId(), record.outcome() == WorkOutcome.FAIL, () -> {
                refuseStruck(record);
                worklog.strike(record, "", clock.instant(), record.personId());
            });
        });
    }

    /** That of the record, and those on which its parts hang by now: what is said of a part goes with it. */
    public Collection<UUID> saws(WorkRecord record) {
        List<UUID> saws = new ArrayList<>(List.of(record.sawId()));
        WorkRecord.Parts parts = record.parts();
        saws.addAll(fleet.hangingOn(parts.chainId(), parts.barId(), parts.sprocketId()));
        return saws;
    }

    /** Asked once no other write about the saw is under way. */
    private void refuseStruck(WorkRecord record) {
        if (worklog.isStruck(record.id())) {
            throw Refusal.conflict("", "record.struck");
        }
        if (record.replacedId() != null) {
            throw Refusal.conflict("", "record.replaced");
        }
    }
}
