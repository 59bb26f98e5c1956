package yellowtally.core.minutes;

import java.time.Instant;
import yellowtally.core.steps.Step;

/**
 * A record of a visit and the moment it was made.
 *
 * @param done whether the step was done; {@code false} when it was passed over
 */
public record BenchRecord(Step step, Instant at, boolean done) {}
