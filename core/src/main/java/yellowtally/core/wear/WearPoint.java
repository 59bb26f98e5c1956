package yellowtally.core.wear;

import java.time.Instant;

/**
 * One reading of a part.
 *
 * @param at when it was read
 * @param use how much the part had been used by then: tanks, or sharpenings
 * @param mm what was read, mm
 */
public record WearPoint(Instant at, double use, double mm) {}
