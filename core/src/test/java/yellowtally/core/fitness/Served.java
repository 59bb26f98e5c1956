package yellowtally.core.fitness;

import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;
import static yellowtally.core.schedule.Uses.done;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.oiling.OilUse;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.schedule.Uses;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.SisterPaces;
import yellowtally.core.tension.TensionOutcome;

/** A petrol saw with what may wait on it; its tension was read right on {@code readOn}. */
record Served(
        List<StepEntry> records,
        List<UseEntry> uses,
        List<HoldEntry> holds,
        List<OilUse> oil,
        List<FaultEntry> faults,
        TensionOutcome tension,
        int readOn) {

    static final Set<Subject> ALL = EnumSet.allOf(Subject.class);

    /** Every step done on the first day, and nothing since. */
    static Served onDayOne(StepEntry... more) {
        List<StepEntry> records = new ArrayList<>();
        for (Step step : Step.values()) {
            records.add(done(1, step));
        }
        records.addAll(List.of(more));
        return with(records);
    }

    /** These records and no others. */
    static Served with(List<StepEntry> records) {
        return new Served(records, List.of(), List.of(), List.of(), List.of(), TensionOutcome.RIGHT, 1);
    }

    Served uses(List<UseEntry> given) {
        return new Served(records, given, holds, oil, faults, tension, readOn);
    }

    Served holds(HoldEntry... given) {
        return new Served(records, uses, List.of(given), oil, faults, tension, readOn);
    }

    Served oil(List<OilUse> given) {
        return new Served(records, uses, holds, given, faults, tension, readOn);
    }

    Served faults(List<FaultEntry> given) {
        return new Served(records, uses, holds, oil, given, tension, readOn);
    }

    Served read(int onDay, TensionOutcome outcome) {
        return new Served(records, uses, holds, oil, faults, outcome, onDay);
    }

    SawAccount assess(int onDay) {
        return ledger().assess(SisterPaces.NONE, new SawLedger.Rules(Numbers.STANDARD, Seasons.STANDARD, day(onDay)));
    }

    SawLedger ledger() {
        TensionLedger loop = new TensionLedger(
                new LoopSpec(Pitch.P_325, Gauge.G_050, 68),
                true,
                false,
                20.0,
                List.of(new TensionLedger.CheckEntry(
                        at(readOn, 19), true, CheckOccasion.ROUTINE, tension, false, 0, 0.8, null)),
                List.of());
        ScheduleLedger schedule =
                new ScheduleLedger(Profiles.petrol(), Uses.START, uses, SawLog.of(records), List.of(), null);
        return new SawLedger(loop, schedule, holds, oil, faults);
    }

    /** A record at noon, of the whole saw. */
    static StepEntry entry(int day, Step step, StepOutcome outcome, Finding... findings) {
        return new StepEntry(0, step, at(day, 12), day(day), outcome, Set.of(findings), null, ALL);
    }
}
