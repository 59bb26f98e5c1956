package yellowtally.server.bench;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.TensionOutcome;

/** What the rules need of a check. */
record CheckRow(
        UUID id,
        UUID chainId,
        UUID fittingId,
        Instant at,
        CheckOccasion occasion,
        TensionOutcome outcome,
        boolean provisional,
        double turns,
        double adjusterLeadMm,
        @Nullable Double jointPlayMm,
        @Nullable UUID amendsId) {}
