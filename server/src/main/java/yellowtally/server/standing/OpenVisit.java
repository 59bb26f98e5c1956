package yellowtally.server.standing;

import java.util.UUID;

/** A saw lies on the bench. */
public record OpenVisit(UUID id, int stepsDone, int steps) {}
