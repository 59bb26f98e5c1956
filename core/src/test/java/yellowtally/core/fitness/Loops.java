package yellowtally.core.fitness;

import java.time.Instant;
import java.util.List;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.fitness.TensionLedger.CheckEntry;
import yellowtally.core.fitness.TensionLedger.OutingEntry;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.Measured;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TensionRun;

/** A loop of 68 drive links on a saw with 20 mm of adjuster travel and 0.8 mm a turn, and its records. */
final class Loops {

    static final LoopSpec LOOP = new LoopSpec(Pitch.P_325, Gauge.G_050, 68);

    /** The set that is on now, and one that the loop was part of before. */
    static final Object HERE = "here";

    static final Object BEFORE = "before";

    private Loops() {}

    static TensionLedger ledger(List<CheckEntry> checks, List<OutingEntry> outings) {
        return new TensionLedger(LOOP, HERE, true, false, 20.0, checks, outings);
    }

    /** One that was read once. */
    static TensionLedger read(Instant at, TensionOutcome outcome) {
        return ledger(List.of(check(at, CheckOccasion.ROUTINE, outcome, 0)), List.of());
    }

    static CheckEntry check(Instant at, CheckOccasion occasion, TensionOutcome outcome, double turns) {
        return check(at, HERE, occasion, outcome, turns, Measured.NONE);
    }

    static CheckEntry check(
            Instant at,
            Object fitting,
            CheckOccasion occasion,
            TensionOutcome outcome,
            double turns,
            Measured measured) {
        TensionRun.Result result = new TensionRun.Result(outcome, false);
        return new CheckEntry(at, fitting, occasion, result, result, turns, 0.8, measured);
    }

    static OutingEntry outing(Instant backAt, double tanks) {
        return new OutingEntry(backAt, tanks, HERE, false);
    }
}
