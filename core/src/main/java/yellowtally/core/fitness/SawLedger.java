package yellowtally.core.fitness;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.brake.BrakeSetting;
import yellowtally.core.diagnosis.FaultProgress;
import yellowtally.core.log.StepEntry;
import yellowtally.core.oiling.OilRatio;
import yellowtally.core.oiling.OilUse;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.OpenFinding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;
import yellowtally.core.tension.SisterPaces;
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
import yellowtally.core.waiting.StepAttends;
import yellowtally.core.waiting.StepHolds;
import yellowtally.core.waiting.StepHolds.StepHoldMatter;
import yellowtally.core.waiting.TaskWaits;
import yellowtally.core.waiting.TaskWaits.TaskMatter;
import yellowtally.core.waiting.TensionWaits;
import yellowtally.core.waiting.TensionWaits.TensionMatter;
import yellowtally.core.waiting.Urgency;
import yellowtally.core.waiting.Waiting;

/**
 * All records of one saw put together: what may be said of it follows from them and from nothing else (handbook section
 * 11).
 *
 * @param tension the account of its loop
 * @param schedule the account of use and work
 * @param holds holds that nobody has released
 * @param oil outings of this saw that tell what bar oil they used
 * @param faults faults that nobody has closed
 */
public record SawLedger(
        TensionLedger tension,
        ScheduleLedger schedule,
        List<HoldEntry> holds,
        List<OilUse> oil,
        List<FaultEntry> faults) {

    public SawLedger {
        holds = List.copyOf(holds);
        oil = List.copyOf(oil);
        faults = List.copyOf(faults);
    }

    /** The numbers and the day that a saw is judged by. */
    public record Rules(Numbers numbers, Seasons seasons, LocalDate today) {}

    /** Fit, due or held, and why. Nothing known means held. */
    public SawAccount assess(SisterPaces sisters, Rules rules) {
        TensionAccount loop = tension.assess(sisters, rules.numbers());
        List<TaskDue> tasks = schedule.assess(rules.today(), rules.seasons(), rules.numbers());
        List<OpenFinding> findings = openFindings();
        List<Waiting> work = new ArrayList<>(loop.fitness().work());
        OilRatio ratio = oilRatio(rules.numbers());
        addHolds(work);
        addOil(work, ratio);
        faults.forEach(fault -> addFault(work, fault, rules));
        findings.forEach(open -> work.add(FindingWaits.of(open.finding())));
        addAttends(work);
        boolean tensionPasses = loop.fitness().work().stream()
                .noneMatch(w -> w instanceof TensionWaits tensionWaits && tensionWaits.failsReading());
        for (TaskDue task : tasks) {
            Waiting waits = ofTask(task, tensionPasses, rules.numbers());
            if (waits != null) {
                work.add(waits);
            }
        }
        List<Waiting> sorted =
                work.stream().distinct().sorted(Urgency.MOST_URGENT_FIRST).toList();
        FitState worst = sorted.isEmpty() ? FitState.FIT : sorted.get(0).state();
        return new SawAccount(worst, sorted, loop, tasks, findings, ratio);
    }

    /**
     * What was found and still waits: not found again by the latest record of its step on the same part, or done by the
     * step that it opened.
     */
    public List<OpenFinding> openFindings() {
        List<OpenFinding> open = new ArrayList<>();
        for (StepEntry record : schedule.log().latest()) {
            for (Finding finding : Finding.values()) {
                if (record.findings().contains(finding)
                        && finding.outcome(schedule.saw()) == StepOutcome.ATTEND
                        && !doneSince(finding, record)) {
                    open.add(new OpenFinding(finding, record.at()));
                }
            }
        }
        return List.copyOf(open);
    }

    private boolean doneSince(Finding finding, StepEntry found) {
        Step opened = finding.opens();
        return opened != null
                && schedule.log()
                        .latest(opened)
                        .filter(done -> done.passed() && done.after(found))
                        .isPresent();
    }

    private void addHolds(List<Waiting> work) {
        boolean cleared = false;
        for (HoldEntry hold : holds) {
            if (hold.cleared(schedule.log())) {
                cleared = true;
            } else if (hold.byPerson()) {
                work.add(StepHolds.of(StepHoldMatter.PERSON_HOLDS, hold.step()));
            } else if (hold.findings().isEmpty()) {
                work.add(
                        hold.step() == Step.TENSION
                                ? TensionWaits.of(TensionMatter.THROW_RISK)
                                : StepHolds.of(StepHoldMatter.STEP_FAILED, hold.step()));
            } else {
                hold.findings().forEach(f -> work.add(FindingHolds.of(hold.step(), f)));
            }
        }
        if (cleared) {
            work.add(ReleaseWaits.now());
        }
    }

    /** Whether an officer may release the saw: it is held, and every reason is cleared (handbook section 11). */
    public boolean mayRelease() {
        return !holds.isEmpty() && holds.stream().allMatch(hold -> hold.cleared(schedule.log()));
    }

    /** How much bar oil goes beside the fuel since the last passing oil card; {@code null} with too few tanks to tell. */
    private @Nullable OilRatio oilRatio(Numbers numbers) {
        Instant lastCard = schedule.log()
                .latestPassed(Step.OIL_CARD)
                .filter(card -> card.outcome() == StepOutcome.FINE)
                .map(StepEntry::at)
                .orElse(null);
        return OilRatio.of(oil, lastCard, numbers).orElse(null);
    }

    /** Too little oil holds or waits until an oil card passes (handbook section 7). */
    private static void addOil(List<Waiting> work, @Nullable OilRatio ratio) {
        if (ratio == null) {
            return;
        }
        switch (ratio.verdict()) {
            case NOT_OILING -> work.add(OilWaits.of(OilMatter.NOT_OILING, ratio.ratio()));
            case LOW -> work.add(OilWaits.of(OilMatter.OIL_USE_LOW, ratio.ratio()));
            case HIGH -> work.add(OilWaits.of(OilMatter.OIL_USE_HIGH, ratio.ratio()));
            case RIGHT -> {
                // Nothing waits.
            }
        }
    }

    private void addFault(List<Waiting> work, FaultEntry fault, Rules rules) {
        Instant now = rules.today().atStartOfDay().toInstant(ZoneOffset.UTC);
        FaultProgress progress =
                fault.progress(schedule.saw(), schedule.log(), fault.watch(lastBack(), now, rules.numbers()));
        switch (progress.stage()) {
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
            if (task == Task.BRAKE && due.binding().raw() >= numbers.of(BrakeSetting.OVERDUE_OUTINGS)) {
                return TaskWaits.of(TaskMatter.BRAKE_OVERDUE, due);
            }
            if (task == Task.TENSION) {
                return tensionPasses && due.lastDone() != null ? TaskWaits.of(TaskMatter.CHECK_DUE, due) : null;
            }
            return TaskWaits.of(TaskMatter.TASK_DUE, due);
        }
        boolean soon = due.fraction() >= numbers.of(ScheduleSetting.SOON_FROM)
                && due.binding().limit() > 1;
        return soon ? TaskWaits.of(TaskMatter.TASK_SOON, due) : null;
    }
}
