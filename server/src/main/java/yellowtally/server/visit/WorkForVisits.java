package yellowtally.server.visit;

import java.util.List;
import org.springframework.stereotype.Component;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.PlannedStep.Why;
import yellowtally.server.fleet.Saw;
import yellowtally.server.standing.Standings;
import yellowtally.server.worklog.VisitBook;

/** Work that other rooms find while a saw lies on the bench. Runs within the caller's transaction. */
@Component
public class WorkForVisits {

    private final Visits visits;
    private final VisitBook book;
    private final Standings standings;

    WorkForVisits(Visits visits, VisitBook book, Standings standings) {
        this.visits = visits;
        this.book = book;
        this.standings = standings;
    }

    /** Puts steps into the visit that is under way on a saw, open anew where they were done; nothing happens without one. */
    public void join(Saw saw, List<Step> steps) {
        book.openOf(saw.id())
                .ifPresent(visit ->
                        visits.join(visit, steps, Why.FINDING, standings.of(saw).profile()));
    }
}
