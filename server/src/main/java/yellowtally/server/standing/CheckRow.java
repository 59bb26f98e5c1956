package yellowtally.server.standing;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.TensionOutcome;

/** What the rules need of a tension check that counts. */
record CheckRow(
        UUID fittingId,
        Instant at,
        CheckOccasion occasion,
        TensionOutcome outcome,
        boolean provisional,
        double turns,
        double adjusterLeadMm,
        @Nullable Double jointPlayMm) {}
