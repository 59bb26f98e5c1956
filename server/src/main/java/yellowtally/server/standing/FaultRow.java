package yellowtally.server.standing;

import java.util.List;
import java.util.UUID;
import yellowtally.core.diagnosis.FaultEvent;

/** A fault that is open, and what happened to it in order of time. */
record FaultRow(UUID id, String complaint, List<FaultEvent> events) {}
