package yellowtally.core.fitness;

import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;
import static yellowtally.core.schedule.Uses.done;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import yellowtally.core.drive.LoopsRun;
import yellowtally.core.holds.Hold;
import yellowtally.core.holds.SetBack;
import yellowtally.core.log.MeasureEntry;
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
import yellowtally.core.tension.TensionOutcome;

/**
 * A petrol saw with what may wait on it; its tension was read right on {@code readOn}. Whatever was taken apart was set back
 * in the same minute, so that a test speaks of what it is about.
 */
record Served(
        List<StepEntry> records,
        List<UseEntry> uses,
        List<Hold> holds,
        List<OilUse> oil,
        List<FaultEntry> faults,
        List<MeasureEntry> figures,
        TensionOutcome tension,
        int readOn,
        Map<Subject, Instant> partsBack) {

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
        return new Served(
                records, List.of(), List.of(), List.of(), List.of(), List.of(), TensionOutcome.RIGHT, 1, Map.of());
    }

    Served uses(List<UseEntry> given) {
        return new Served(records, given, holds, oil, faults, figures, tension, readOn, partsBack);
    }

    Served holds(Hold... given) {
        return new Served(records, uses, List.of(given), oil, faults, figures, tension, readOn, partsBack);
    }

    Served oil(List<OilUse> given) {
        return new Served(records, uses, holds, given, faults, figures, tension, readOn, partsBack);
    }

    Served faults(List<FaultEntry> given) {
        return new Served(records, uses, holds, oil, given, figures, tension, readOn, partsBack);
    }

    Served figures(MeasureEntry... given) {
        return new Served(records, uses, holds, oil, faults, List.of(given), tension, readOn, partsBack);
    }

    Served read(int onDay, TensionOutcome outcome) {
        return new Served(records, uses, holds, oil, faults, figures, outcome, onDay, partsBack);
    }

    /** A part came back from a mechanic on a day, at noon, and nobody looked at it on the shelf. */
    Served back(Subject part, int onDay) {
        return new Served(records, uses, holds, oil, faults, figures, tension, readOn, Map.of(part, at(onDay, 12)));
    }

    SawAccount assess(int onDay) {
        return ledger().assess(Sisters.NONE, new SawLedger.Rules(Numbers.STANDARD, Seasons.STANDARD, day(onDay)));
    }

    SawLedger ledger() {
        TensionLedger loop = Loops.read(at(readOn, 19), tension);
        ScheduleLedger schedule =
                new ScheduleLedger(Profiles.petrol(), Uses.START, uses, setBack(records), List.of(), null);
        return new SawLedger(
                loop,
                schedule,
                new HoldRecords(holds, Set.of(), null, partsBack),
                oil,
                faults,
                PartLedger.of(figures, List.of(), List.of(), LoopsRun.NONE, null));
    }

    private static SawLog setBack(List<StepEntry> records) {
        List<StepEntry> all = new ArrayList<>(records);
        records.stream()
                .filter(entry -> entry.step().takesApart())
                .max(Comparator.comparing(StepEntry::at))
                .ifPresent(apart -> SetBack.steps(Profiles.petrol())
                        .forEach(step -> all.add(new StepEntry(
                                apart.seq() + 1,
                                step,
                                apart.at(),
                                apart.day(),
                                StepOutcome.FINE,
                                Set.of(),
                                null,
                                ALL))));
        return SawLog.of(all);
    }

    /** A record at noon, of the whole saw. */
    static StepEntry entry(int day, Step step, StepOutcome outcome, Finding... findings) {
        return new StepEntry(0, step, at(day, 12), day(day), outcome, Set.of(findings), null, ALL);
    }
}
