package yellowtally.server.faults;

import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowtally.core.diagnosis.FaultEvent;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.server.worklog.SeesStrikes;
import yellowtally.server.worklog.WorkRecord;

/** A fault that a record at the bench opened was entered by mistake where that record is struck out. */
@Component
class FaultsOfRecords implements SeesStrikes {

    private final FaultRepository faults;

    FaultsOfRecords(FaultRepository faults) {
        this.faults = faults;
    }

    @Override
    public void struck(WorkRecord record, String reason, Instant at, UUID personId) {
        faults.openOfRecord(record.id())
                .forEach(fault -> faults.add(new FaultEventRow(
                        UUID.randomUUID(),
                        fault.id(),
                        new FaultEvent(0, FaultEventKind.MISTAKEN, at, null, null, null, null),
                        reason.isBlank() ? null : reason,
                        personId,
                        record.device())));
    }
}
