package yellowtally.server.standing;

import java.util.UUID;
import yellowtally.core.visit.VisitStory;

/** A saw lies on the bench. */
public record OpenVisit(UUID id, VisitStory story) {

    /** Steps that are done or passed over. */
    public int stepsDone() {
        return story.recordedSteps();
    }

    /** All its steps. */
    public int steps() {
        return story.steps().size();
    }
}
