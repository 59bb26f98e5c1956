package yellowtally.server.support;

import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;

/**
 * Counts the writes of this process. The database file is locked by it, so nobody else writes: what was worked out at a
 * revision still holds while the revision stands.
 */
@Component
public class FleetRevision {

    private final AtomicLong writes = new AtomicLong();

    /** The revision now. */
    public long now() {
        return writes.get();
    }

    /** A write was committed. */
    void written() {
        writes.incrementAndGet();
    }
}
