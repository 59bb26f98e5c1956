package yellowtally.server.visit;

import yellowtally.server.standing.Standing;

/** Knows what one stroke of the file takes off the loop of a saw. */
public interface KnowsFiling {

    /** As learned from past sharpenings, mm, else the starting estimate. */
    double removalMm(Standing standing);
}
