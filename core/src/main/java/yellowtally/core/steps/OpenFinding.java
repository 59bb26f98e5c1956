package yellowtally.core.steps;

import java.time.Instant;

/**
 * Something found that still waits.
 *
 * @param finding what
 * @param at when it was found
 */
public record OpenFinding(Finding finding, Instant at) {}
