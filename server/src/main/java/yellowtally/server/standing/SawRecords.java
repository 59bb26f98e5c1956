package yellowtally.server.standing;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.fitness.HoldRecords;
import yellowtally.core.fitness.PartLedger;
import yellowtally.core.fitness.TensionLedger;
import yellowtally.core.log.SawLog;
import yellowtally.server.usage.EndedOuting;

/**
 * The records of one saw and of the parts on it, on whatever saw they were made, as far as the rules look at them.
 *
 * @param notUnderstood how many more there are of which nobody knows what they say
 * @param log of each step the latest record and the latest that passed, and every sharpening
 */
record SawRecords(
        List<TensionLedger.CheckEntry> checks,
        List<EndedOuting> outings,
        SawLog log,
        HoldRecords holds,
        List<Instant> loopsFitted,
        @Nullable Instant newSprocketAt,
        PartLedger parts,
        List<FaultRow> faults,
        @Nullable OpenVisit visit,
        @Nullable AwayMark away,
        int notUnderstood) {

    SawRecords withNotUnderstood(int records) {
        return new SawRecords(
                checks, outings, log, holds, loopsFitted, newSprocketAt, parts, faults, visit, away, records);
    }
}
