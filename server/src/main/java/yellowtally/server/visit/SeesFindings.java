package yellowtally.server.visit;

import java.util.Set;
import yellowtally.core.steps.Finding;
import yellowtally.server.fleet.Saw;

/** Sees what was found at the bench, while it is recorded: some of it is followed up beyond the visit. */
public interface SeesFindings {

    /** Something was found; runs within the caller's transaction. */
    void found(Saw saw, Set<Finding> findings, StepDone done);
}
