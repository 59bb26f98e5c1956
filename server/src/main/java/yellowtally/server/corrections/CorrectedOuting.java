package yellowtally.server.corrections;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.usage.UseInput;

/**
 * An outing as it was in truth.
 *
 * @param back absent while it is still out
 */
record CorrectedOuting(String tag, UUID crewId, Instant outAt, CorrectedOuting.@Nullable CorrectedReturn back) {

    /** When it came back and what it did. */
    record CorrectedReturn(Instant at, UseInput use) {}
}
