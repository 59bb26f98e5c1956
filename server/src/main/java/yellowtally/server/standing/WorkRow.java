package yellowtally.server.standing;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.log.Told;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;

/** What the rules need of a step on record that counts. */
record WorkRow(
        UUID id,
        long seq,
        Step step,
        Instant at,
        StepOutcome outcome,
        @Nullable UUID visitId,
        UUID sawId,
        @Nullable UUID chainId,
        @Nullable UUID barId,
        @Nullable UUID sprocketId,
        @Nullable Told told) {}
