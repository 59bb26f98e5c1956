package yellowtally.server.usage;

import java.time.Instant;
import java.util.UUID;

/** What the rules need of an outing that ended. */
public record EndedOuting(UUID chainId, UUID fittingId, Instant backAt, double tanks) {}
