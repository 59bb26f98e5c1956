package yellowtally.server.visit;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepReport;
import yellowtally.server.stores.StockTake;

/**
 * A step that was done, its figures read.
 *
 * @param personId who did it
 * @param visitId the visit it belongs to; absent for a quick record
 * @param at when it was done; absent for now
 * @param part the part fitted by a replacing step
 * @param takes what was taken from the shelf for it
 * @param outThere whether it was done out with the crew
 */
public record StepDone(
        UUID id,
        UUID personId,
        @Nullable UUID visitId,
        @Nullable Instant at,
        Step step,
        StepReport report,
        @Nullable String note,
        NewRecord.@Nullable NewPart part,
        @Nullable List<StockTake> takes,
        boolean outThere) {}
