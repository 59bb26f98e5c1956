package yellowtally.server.visit;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.support.Refusal;
import yellowtally.server.worklog.Visit;
import yellowtally.server.worklog.VisitBook;

/** Lets records into a visit only while it is open, and only those of its own saw. */
@Component
public class VisitGate {

    private final VisitBook visits;
    private final Fleet fleet;

    VisitGate(VisitBook visits, Fleet fleet) {
        this.visits = visits;
        this.fleet = fleet;
    }

    /** The visit that a record names; absent when it names none. */
    public @Nullable Visit openVisit(@Nullable UUID visitId, Saw saw) {
        if (visitId == null) {
            return null;
        }
        Visit visit = open(visitId);
        if (!visit.sawId().equals(saw.id())) {
            throw Refusal.conflict("", "visit.otherSaw", saw.tag());
        }
        return visit;
    }

    /** The visit, if it is still open once every other write about its saw is done. */
    public Visit open(UUID visitId) {
        fleet.lock(visits.sawOf(visitId).orElseThrow(() -> Refusal.gone("visit.unknown")));
        Visit visit = visits.findNow(visitId);
        if (!visit.open()) {
            throw Refusal.conflict("", "visit.ended");
        }
        return visit;
    }
}
