package yellowtally.server.visit;

import java.time.Instant;
import java.util.UUID;

/** Sees that a visit ended: what it took is learned from. */
public interface SeesVisitEnds {

    /** A visit ended; runs within the caller's transaction. */
    void ended(Instant at, UUID personId);
}
