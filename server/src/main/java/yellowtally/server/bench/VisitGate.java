package yellowtally.server.bench;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.server.fleet.Saw;
import yellowtally.server.support.Refusal;

/** Lets records into a visit only while it is open, and only those of its own saw. */
@Component
class VisitGate {

    private final VisitStores.Visits visits;

    VisitGate(VisitStores.Visits visits) {
        this.visits = visits;
    }

    /** The visit that a record names; absent when it names none. */
    @Nullable
    UUID openVisit(@Nullable UUID visitId, Saw saw) {
        if (visitId == null) {
            return null;
        }
        Visit visit = open(visitId);
        if (!visit.sawId().equals(saw.id())) {
            throw Refusal.conflict("", "visit.otherSaw", saw.tag());
        }
        return visit.id();
    }

    /** The visit, if it is still open. */
    Visit open(UUID visitId) {
        Visit visit = visits.findById(visitId).orElseThrow(() -> Refusal.gone("visit.unknown"));
        if (!visit.open()) {
            throw Refusal.conflict("", "visit.ended");
        }
        return visit;
    }
}
