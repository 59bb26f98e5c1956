package yellowtally.server.bench;

import java.util.List;
import org.springframework.stereotype.Component;
import yellowtally.core.steps.Step;
import yellowtally.server.fleet.Saw;
import yellowtally.server.standing.Standings;

/** Work that other rooms find while a saw lies on the bench. Runs within the caller's transaction. */
@Component
public class BenchWork {

    private final Visits visits;
    private final VisitStores.Visits store;
    private final Standings standings;

    BenchWork(Visits visits, VisitStores.Visits store, Standings standings) {
        this.visits = visits;
        this.store = store;
        this.standings = standings;
    }

    /** Puts steps into the visit that is under way on a saw, open anew where they were done; nothing happens without one. */
    public void join(Saw saw, List<Step> steps) {
        store.findByOpenSawId(saw.id())
                .ifPresent(visit -> visits.join(visit.id(), standings.of(saw).profile(), steps));
    }
}
