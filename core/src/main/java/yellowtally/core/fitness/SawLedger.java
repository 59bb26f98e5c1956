package yellowtally.core.fitness;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowtally.core.brake.BrakeSetting;
import yellowtally.core.diagnosis.FaultProgress;
import yellowtally.core.edge.SidesOfLoop;
import yellowtally.core.holds.Hold;
import yellowtally.core.holds.Hold.HoldOrigin;
import yellowtally.core.holds.HoldBook;
import yellowtally.core.holds.HoldEvidence;
import yellowtally.core.holds.JudgedFigures;
import yellowtally.core.holds.Need;
import yellowtally.core.holds.PartBack;
import yellowtally.core.holds.Rest;
import yellowtally.core.holds.SetBack;
import yellowtally.core.log.StepEntry;
import yellowtally.core.oiling.OilRatio;
import yellowtally.core.oiling.OilUse;
import yellowtally.core.oiling.OilUsual;
import yellowtally.core.oiling.ProvenOil;
import yellowtally.core.past.ToldUses;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.LimitUse;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.schedule.UseUnit;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.OpenFinding;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;
import yellowtally.core.tension.SlackSuspect;
import yellowtally.core.tension.TensionRun;
import yellowtally.core.waiting.BackWaits;
import yellowtally.core.waiting.EdgeWaits;
import yellowtally.core.waiting.FaultRests;
import yellowtally.core.waiting.FaultRests.FaultRestMatter;
import yellowtally.core.waiting.FaultWaits;
import yellowtally.core.waiting.FaultWaits.FaultMatter;
import yellowtally.core.waiting.FindingHolds;
import yellowtally.core.waiting.FindingWaits;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.OilWaits;
import yellowtally.core.waiting.OilWaits.OilMatter;
import yellowtally.core.waiting.ReleaseWaits;
import yellowtally.core.waiting.RestWaits;
import yellowtally.core.waiting.RunWaits;
import yellowtally.core.waiting.SetBackWaits;
import yellowtally.core.waiting.StepAttends;
import yellowtally.core.waiting.StepHolds;
import yellowtally.core.waiting.StepHolds.StepHoldMatter;
import yellowtally.core.waiting.TaskWaits;
import yellowtally.core.waiting.TaskWaits.TaskMatter;
import yellowtally.core.waiting.TensionWaits;
import yellowtally.core.waiting.Urgency;
import yellowtally.core.waiting.Waiting;

/**
 * All records of one saw put together: what may be said of it follows from them and from nothing else (handbook section
 * 11).
 *
 * @param tension the account of its loop
 * @param schedule the account of use and work
 * @param holds what is on record of why it must not go out
 * @param oil outings of this saw that tell what bar oil they used
 * @param faults faults that nobody has closed, or that a hold still stands for
 * @param parts figures of it and of its parts
 */
public record SawLedger(
        TensionLedger tension,
        ScheduleLedger schedule,
        HoldRecords holds,
        List<OilUse> oil,
        List<FaultEntry> faults,
        PartLedger parts) {

    /** Where the heat of a chain that runs too tight goes. */
    private static final List<Step> HEATED = List.of(Step.NOSE, Step.SPROCKET, Step.BEARING);

    public SawLedger {
        oil = List.copyOf(oil);
        faults = List.copyOf(faults);
    }

    /** The numbers and the day that a saw is judged by. */
    public record Rules(Numbers numbers, Seasons seasons, LocalDate today) {}

    /** Fit, due or held, and why. Nothing known means held. */
    public SawAccount assess(Sisters sisters, Rules rules) {
        SawProfile saw = schedule.saw();
        SetBack setBack = SetBack.of(schedule.log(), holds.apartAt(), saw);
        TensionAccount loop = tension.assess(sisters.paces(), rules.numbers(), setBack.wantsTension());
        List<TaskDue> tasks = schedule.assess(rules.today(), rules.seasons(), rules.numbers());
        JudgedFigures judged = JudgedFigures.of(parts.figures(), saw, rules.numbers());
        HoldBook book = HoldBook.of(holds.holds(), evidence(judged, rules));
        List<OpenFinding> findings = openFindings(judged);
        List<Waiting> work = new ArrayList<>(loop.fitness().work());
        addRun(work, loop.run(), rules.numbers());
        addEdge(work, rules.numbers());
        OilUsual usual = OilUsual.of(saw.power(), provenOil(rules.numbers()), sisters.oil(), rules.numbers());
        OilRatio ratio = OilRatio.of(oil, lastCard(), usual, rules.numbers()).orElse(null);
        addOil(work, ratio);
        addHolds(work, book);
        addFailing(work, book, judged);
        if (tension.setComplete() && !setBack.missing().isEmpty()) {
            work.add(SetBackWaits.of(setBack.missing()));
        }
        addPartsBack(work);
        addRest(work, rules);
        faults.forEach(fault -> addFault(work, fault, rules));
        findings.forEach(open -> work.add(FindingWaits.of(open.finding())));
        book.outOfSeason().stream().sorted().forEach(finding -> work.add(FindingWaits.of(finding)));
        addAttends(work);
        boolean tensionPasses = loop.fitness().work().stream()
                .noneMatch(w -> w instanceof TensionWaits tensionWaits && tensionWaits.failsReading());
        for (TaskDue task : tasks) {
            Waiting waits = ofTask(task, tensionPasses && !setBack.wantsTension(), rules.numbers());
            if (waits != null) {
                work.add(waits);
            }
        }
        List<Waiting> sorted =
                work.stream().distinct().sorted(Urgency.MOST_URGENT_FIRST).toList();
        FitState worst = sorted.isEmpty() ? FitState.FIT : sorted.get(0).state();
        return new SawAccount(worst, sorted, loop, tasks, findings, ratio, usual, book);
    }

    /** What the set has been through calls for looks, until each of them is on record after it (handbook section 3). */
    private void addRun(List<Waiting> work, TensionRun run, Numbers numbers) {
        List<Step> heated = notLookedAt(HEATED.stream(), run.ranTightAt());
        if (!heated.isEmpty()) {
            work.add(RunWaits.tight(heated));
        }
        if (run.slack().suspicious(numbers)) {
            List<Step> suspects = notLookedAt(
                    Arrays.stream(SlackSuspect.values()).map(SlackSuspect::step),
                    run.slack().lastAt());
            if (!suspects.isEmpty()) {
                work.add(RunWaits.slack(suspects, run.slack().inARow()));
            }
        }
    }

    /** Strokes that went uneven lead the sides apart long before the saw shows it (handbook section 4). */
    private void addEdge(List<Waiting> work, Numbers numbers) {
        SidesOfLoop sides = parts.sides(parts.removalMm(numbers));
        if (tension.loop() != null && sides.wantMeasuring(numbers)) {
            work.add(EdgeWaits.of(Math.abs(sides.leftLessRightMm())));
        }
    }

    private List<Step> notLookedAt(Stream<Step> looks, @Nullable Instant since) {
        return since == null
                ? List.of()
                : looks.filter(step -> step.appliesTo(schedule.saw()))
                        .filter(step -> schedule.log()
                                .latestAfter(step, since)
                                .filter(StepEntry::passed)
                                .isEmpty())
                        .toList();
    }

    private HoldEvidence evidence(JudgedFigures judged, Rules rules) {
        Map<Object, HoldEvidence.Complained> complaints = new HashMap<>();
        faults.forEach(fault ->
                complaints.put(fault.id(), new HoldEvidence.Complained(fault.facts(), progress(fault, rules))));
        return new HoldEvidence(schedule.saw(), schedule.log(), judged, rules.seasons(), complaints);
    }

    /**
     * What was found and still waits: not found again by the latest record of its step on the same part, or done by the
     * step that it opened. What a figure said stays until another figure says otherwise.
     */
    private List<OpenFinding> openFindings(JudgedFigures judged) {
        Set<OpenFinding> open = new LinkedHashSet<>();
        for (StepEntry record : schedule.log().latest()) {
            for (Finding finding : Finding.values()) {
                if (record.findings().contains(finding)
                        && !(finding.measure() != null && JudgedFigures.judges(finding.measure()))) {
                    addOpen(open, finding, record.at());
                }
            }
        }
        judged.all()
                .forEach(figure -> figure.findings()
                        .forEach(
                                finding -> addOpen(open, finding, figure.entry().at())));
        return List.copyOf(open);
    }

    private void addOpen(Set<OpenFinding> open, Finding finding, Instant foundAt) {
        if (finding.outcome(schedule.saw()) == StepOutcome.ATTEND && !doneSince(finding, foundAt)) {
            open.add(new OpenFinding(finding, foundAt));
        }
    }

    private boolean doneSince(Finding finding, Instant foundAt) {
        Step opened = finding.opens();
        return opened != null
                && schedule.log()
                        .latest(opened)
                        .filter(done -> done.passed() && !done.at().isBefore(foundAt))
                        .isPresent();
    }

    private static void addHolds(List<Waiting> work, HoldBook book) {
        boolean cleared = false;
        for (HoldBook.Held held : book.inForce()) {
            Hold hold = held.hold();
            List<Need> needs = held.proving().missing();
            if (held.proving().proved()) {
                cleared = true;
            } else if (hold.struckBy() != null) {
                work.add(StepHolds.of(StepHoldMatter.LOOK_ANEW, hold.step(), needs));
            } else if (hold.origin() != HoldOrigin.RULE) {
                StepHoldMatter who = hold.origin() == HoldOrigin.PERSON
                        ? StepHoldMatter.PERSON_HOLDS
                        : StepHoldMatter.COMPLAINT_HOLDS;
                work.add(StepHolds.of(who, hold.step(), needs));
            } else if (!hold.findings().isEmpty()) {
                hold.findings().forEach(f -> work.add(FindingHolds.of(f, needs)));
            } else if (!saidAlready(work, hold.step())) {
                work.add(StepHolds.of(StepHoldMatter.STEP_FAILED, hold.step(), needs));
            }
        }
        if (cleared) {
            work.add(ReleaseWaits.now());
        }
    }

    /** The reading of the tension and the use of oil say by themselves why they hold. */
    private static boolean saidAlready(List<Waiting> work, Step step) {
        return work.stream()
                .anyMatch(waits -> waits.state() == FitState.HELD
                        && waits.step() == step
                        && (waits instanceof TensionWaits || waits instanceof OilWaits));
    }

    /** What must not go out though no hold says so yet: a limit was drawn tighter, or a part came from another saw. */
    private void addFailing(List<Waiting> work, HoldBook book, JudgedFigures judged) {
        Set<Finding> failing = EnumSet.noneOf(Finding.class);
        failing.addAll(holds.condemned());
        judged.all().forEach(figure -> failing.addAll(figure.findings()));
        failing.stream()
                .filter(finding -> finding.outcome(schedule.saw()) == StepOutcome.FAIL && !book.holdsFor(finding))
                .forEach(finding -> work.add(FindingHolds.of(finding, List.of(Need.ending(finding)))));
    }

    /** What somebody else had is looked at here, wherever it hangs by now (handbook section 11, rule 5). */
    private void addPartsBack(List<Waiting> work) {
        new TreeMap<>(holds.partsBack()).forEach((part, backAt) -> {
            List<Step> looks = PartBack.missing(part, backAt, schedule.log(), schedule.saw());
            if (!looks.isEmpty()) {
                work.add(BackWaits.of(part, looks));
            }
        });
    }

    private void addRest(List<Waiting> work, Rules rules) {
        LocalDate lastUsed = Stream.concat(
                        schedule.uses().stream()
                                .filter(use -> use.subjects().contains(Subject.SAW))
                                .map(UseEntry::lastDay),
                        ToldUses.usedSince(schedule.log()).stream())
                .max(Comparator.naturalOrder())
                .orElse(schedule.inService());
        Rest rest = Rest.of(schedule.log(), lastUsed, rules.today(), schedule.saw(), rules.numbers());
        if (!rest.missing().isEmpty()) {
            work.add(RestWaits.of(rest));
        }
    }

    /** What it used before its last passing oil card. */
    public ProvenOil provenOil(Numbers numbers) {
        Instant card = lastCard();
        return ProvenOil.of(
                oil.stream()
                        .filter(use -> card != null && !use.at().isAfter(card))
                        .toList(),
                schedule.saw().power(),
                numbers);
    }

    /** When an oil card passed last without anything to attend to. */
    private @Nullable Instant lastCard() {
        return schedule.log()
                .latestPassed(Step.OIL_CARD)
                .filter(card -> card.outcome() == StepOutcome.FINE)
                .map(StepEntry::at)
                .orElse(null);
    }

    /** Too little oil holds or waits until an oil card passes (handbook section 7). */
    private static void addOil(List<Waiting> work, @Nullable OilRatio ratio) {
        if (ratio == null) {
            return;
        }
        switch (ratio.verdict()) {
            case NOT_OILING ->
                work.add(OilWaits.of(
                        ratio.stillFull() ? OilMatter.OIL_STILL_FULL : OilMatter.NOT_OILING, ratio.share()));
            case LOW -> work.add(OilWaits.of(OilMatter.OIL_USE_LOW, ratio.share()));
            case HIGH -> work.add(OilWaits.of(OilMatter.OIL_USE_HIGH, ratio.share()));
            case RIGHT -> {
                // Nothing waits.
            }
        }
    }

    private void addFault(List<Waiting> work, FaultEntry fault, Rules rules) {
        FaultProgress progress = progress(fault, rules);
        switch (progress.stage()) {
            case SORT -> work.add(FaultWaits.of(FaultMatter.FAULT_SORT, Step.OUTSIDE_LOOK, fault.title()));
            case FIND -> work.add(FaultWaits.of(FaultMatter.FAULT_FIND, Step.OUTSIDE_LOOK, fault.title()));
            case WITH_MECHANIC -> work.add(FaultWaits.of(FaultMatter.FAULT_MECHANIC, progress.proof(), fault.title()));
            case REPAIR ->
                progress.steps()
                        .forEach(step -> work.add(FaultWaits.of(FaultMatter.FAULT_REPAIR, step, fault.title())));
            case PROVE -> work.add(FaultWaits.of(FaultMatter.FAULT_PROOF, progress.proof(), fault.title()));
            case STAND -> work.add(FaultRests.of(FaultRestMatter.FAULT_STANDS, fault.title()));
            case CLOSES -> work.add(FaultRests.of(FaultRestMatter.FAULT_CLOSES, fault.title()));
            case CLOSED -> {
                // Not in the ledger of what is open.
            }
        }
    }

    private FaultProgress progress(FaultEntry fault, Rules rules) {
        Instant now = rules.today().atStartOfDay().toInstant(ZoneOffset.UTC);
        return fault.progress(schedule.saw(), schedule.log(), fault.watch(lastBack(), now, rules.numbers()));
    }

    /** When the saw came back last on its own outing; {@code null} when it was never out. */
    public @Nullable Instant lastBack() {
        return schedule.uses().stream()
                .filter(use -> use.subjects().contains(Subject.SAW))
                .map(UseEntry::backAt)
                .max(Comparator.naturalOrder())
                .orElse(null);
    }

    /** Attend with a note only: what it was stands in the log. */
    private void addAttends(List<Waiting> work) {
        schedule.log().latest().stream()
                .filter(record -> record.outcome() == StepOutcome.ATTEND
                        && record.findings().isEmpty()
                        && record.step() != Step.TENSION)
                .forEach(record -> work.add(StepAttends.of(record.step())));
    }

    private static @Nullable Waiting ofTask(TaskDue due, boolean tensionPasses, Numbers numbers) {
        Task task = due.task();
        if (due.due()) {
            if (task == Task.BRAKE && due.events().contains(DueEvent.NEVER_DONE)) {
                return TaskWaits.of(TaskMatter.BRAKE_NEVER_TESTED, due);
            }
            if (task == Task.BRAKE && outings(due) >= numbers.of(BrakeSetting.OVERDUE_OUTINGS)) {
                return TaskWaits.of(TaskMatter.BRAKE_OVERDUE, due);
            }
            if (task == Task.TENSION) {
                return tensionPasses && due.lastDone() != null ? TaskWaits.of(TaskMatter.CHECK_DUE, due) : null;
            }
            return TaskWaits.of(TaskMatter.TASK_DUE, due);
        }
        boolean soon = !due.everyTime() && due.fraction() >= numbers.of(ScheduleSetting.SOON_FROM);
        return soon ? TaskWaits.of(TaskMatter.TASK_SOON, due) : null;
    }

    private static double outings(TaskDue due) {
        return due.limits().stream()
                .filter(limit -> limit.unit() == UseUnit.OUTINGS)
                .mapToDouble(LimitUse::raw)
                .max()
                .orElse(0);
    }
}
