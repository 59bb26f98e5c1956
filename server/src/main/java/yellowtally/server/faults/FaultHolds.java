package yellowtally.server.faults;

import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowtally.core.steps.Step;
import yellowtally.server.fleet.Saw;
import yellowtally.server.worklog.SawHold;
import yellowtally.server.worklog.Worklog;

/** Holds saws for faults. */
@Component
class FaultHolds {

    private final Worklog worklog;
    private final Clock clock;

    FaultHolds(Worklog worklog, Clock clock) {
        this.worklog = worklog;
        this.clock = clock;
    }

    /** Holds the saw for a fault until that is proved right; one hold of a fault is enough. */
    void hold(Saw saw, UUID faultId, String why, Step proof, UUID personId) {
        boolean holds = worklog.openHolds(saw.id()).stream().anyMatch(hold -> faultId.equals(hold.faultId()));
        if (!holds) {
            worklog.flush();
            worklog.hold(
                    new SawHold(UUID.randomUUID(), saw.id(), proof, why, clock.instant(), personId).forFault(faultId));
        }
    }
}
