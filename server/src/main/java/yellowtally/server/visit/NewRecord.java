package yellowtally.server.visit;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepReport;
import yellowtally.server.stores.StockTake;

/**
 * A step to record.
 *
 * @param visitId the visit it belongs to; absent for a quick record
 * @param expects the record of this step that the sender saw; absent when it saw none
 * @param at when it was done; absent for now
 * @param part the part fitted by a replacing step
 * @param takes what was taken from the shelf for it
 * @param outThere says that work on the set was done while the saw was out with a crew
 */
public record NewRecord(
        UUID id,
        @Nullable UUID visitId,
        @Nullable UUID expects,
        @Nullable Instant at,
        Step step,
        StepInput input,
        @Nullable String note,
        @Nullable NewPart part,
        @Nullable List<StockTake> takes,
        @Nullable Boolean outThere) {

    /** The same with its figures read, done by somebody. */
    StepDone read(StepReport report, UUID personId) {
        return new StepDone(id, personId, visitId, at, step, report, note, part, takes, Boolean.TRUE.equals(outThere));
    }

    /**
     * A part from the shelf.
     *
     * @param retireReason why the one that comes off is retired; absent when it goes back to the shelf
     */
    public record NewPart(
            String tag,
            @Nullable Boolean newChain,
            @Nullable Double soakHours,
            @Nullable String retireReason) {}
}
