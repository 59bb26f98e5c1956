package yellowtally.server.worklog;

import java.time.Instant;
import java.util.UUID;

/** Sees that a record was struck out: what it opened falls with it. */
public interface SeesStrikes {

    /** A record counts no more; runs within the caller's transaction. */
    void struck(WorkRecord record, String reason, Instant at, UUID personId);
}
