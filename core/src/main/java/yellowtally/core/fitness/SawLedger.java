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
import yellowtally.core.fitness.WaitingWork.What;
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
import yellowtally.core.tension.TensionSettings;

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
    public record Rules(TensionSettings tension, Numbers numbers, Seasons seasons, LocalDate today) {}

    /** Fit, due or held, and why. Nothing known means held. */
    public SawAccount assess(SisterPaces sisters, Rules rules) {
        TensionAccount loop = tension.assess(sisters, rules.tension());
        List<TaskDue> tasks = schedule.assess(rules.today(), rules.seasons(), rules.numbers());
        List<OpenFinding> findings = openFindings();
        List<WaitingWork> work = new ArrayList<>(loop.fitness().work());
        OilRatio ratio = oilRatio(rules.numbers());
        addHolds(work);
        addOil(work, ratio);
        faults.forEach(fault -> addFault(work, fault, rules));
        findings.forEach(open -> work.add(ofFinding(open.finding())));
        addAttends(work);
        boolean tensionPasses = loop.fitness().work().stream().noneMatch(w -> failsTension(w.what()));
        for (TaskDue task : tasks) {
            WaitingWork waits = ofTask(task, tensionPasses, rules.numbers());
            if (waits != null) {
                work.add(waits);
            }
        }
        List<WaitingWork> sorted = work.stream()
                .distinct()
                .sorted(Comparator.comparing(WaitingWork::state)
                        .reversed()
                        .thenComparing(WaitingWork::what)
                        .thenComparing(
                                Comparator.comparingDouble(WaitingWork::figure).reversed()))
                .toList();
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

    private void addHolds(List<WaitingWork> work) {
        boolean cleared = false;
        for (HoldEntry hold : holds) {
            if (hold.cleared(schedule.log())) {
                cleared = true;
            } else if (hold.byPerson()) {
                work.add(WaitingWork.found(What.PERSON_HOLDS, FitState.HELD, hold.step(), null));
            } else if (hold.findings().isEmpty()) {
                What what = hold.step() == Step.TENSION ? What.THROW_RISK : What.STEP_FAILED;
                work.add(WaitingWork.found(what, FitState.HELD, hold.step(), null));
            } else {
                hold.findings()
                        .forEach(f -> work.add(WaitingWork.found(What.FINDING_HOLDS, FitState.HELD, hold.step(), f)));
            }
        }
        if (cleared && work.stream().noneMatch(w -> w.what() == What.RELEASE_WAITS)) {
            work.add(WaitingWork.found(What.RELEASE_WAITS, FitState.HELD, Step.OUTSIDE_LOOK, null));
        }
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
    private static void addOil(List<WaitingWork> work, @Nullable OilRatio ratio) {
        if (ratio == null) {
            return;
        }
        switch (ratio.verdict()) {
            case NOT_OILING -> work.add(WaitingWork.of(What.NOT_OILING, FitState.HELD, ratio.ratio(), Step.OIL_CARD));
            case LOW -> work.add(WaitingWork.of(What.OIL_USE_LOW, FitState.DUE, ratio.ratio(), Step.OIL_CARD));
            case HIGH -> work.add(WaitingWork.of(What.OIL_USE_HIGH, FitState.DUE, ratio.ratio(), Step.OIL_CARD));
            case RIGHT -> {
                // Nothing waits.
            }
        }
    }

    private void addFault(List<WaitingWork> work, FaultEntry fault, Rules rules) {
        Instant now = rules.today().atStartOfDay().toInstant(ZoneOffset.UTC);
        FaultProgress progress =
                fault.progress(schedule.saw(), schedule.log(), fault.watch(lastBack(), now, rules.numbers()));
        switch (progress.stage()) {
            case FIND -> work.add(WaitingWork.fault(What.FAULT_FIND, Step.OUTSIDE_LOOK, fault.title()));
            case WITH_MECHANIC -> work.add(WaitingWork.fault(What.FAULT_MECHANIC, progress.proof(), fault.title()));
            case REPAIR ->
                progress.steps().forEach(step -> work.add(WaitingWork.fault(What.FAULT_REPAIR, step, fault.title())));
            case PROVE -> work.add(WaitingWork.fault(What.FAULT_PROOF, progress.proof(), fault.title()));
            case STAND -> work.add(WaitingWork.fault(What.FAULT_STANDS, null, fault.title()));
            case CLOSES -> work.add(WaitingWork.fault(What.FAULT_CLOSES, null, fault.title()));
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
    private void addAttends(List<WaitingWork> work) {
        schedule.log().latest().stream()
                .filter(record -> record.outcome() == StepOutcome.ATTEND
                        && record.findings().isEmpty()
                        && record.step() != Step.TENSION)
                .forEach(record -> work.add(WaitingWork.found(What.STEP_ATTENDS, FitState.DUE, record.step(), null)));
    }

    private static WaitingWork ofFinding(Finding finding) {
        // A watch or a plan is no work yet: said, and the saw stays fit.
        boolean watch = finding == Finding.GROOVE_WATCH || finding == Finding.SPROCKET_PLAN;
        Step does = finding.opens() == null ? finding.step() : finding.opens();
        return WaitingWork.found(What.FINDING_WAITS, watch ? FitState.FIT : FitState.DUE, does, finding);
    }

    private static @Nullable WaitingWork ofTask(TaskDue due, boolean tensionPasses, Numbers numbers) {
        Task task = due.task();
        if (due.due()) {
            if (task == Task.BRAKE && due.events().contains(DueEvent.NEVER_DONE)) {
                return task(What.BRAKE_NEVER_TESTED, FitState.HELD, due);
            }
            if (task == Task.BRAKE && due.binding().raw() >= numbers.of(BrakeSetting.OVERDUE_OUTINGS)) {
                return task(What.BRAKE_OVERDUE, FitState.HELD, due);
            }
            if (task == Task.TENSION) {
                return tensionPasses && due.lastDone() != null ? task(What.CHECK_DUE, FitState.DUE, due) : null;
            }
            return task(What.TASK_DUE, FitState.DUE, due);
        }
        boolean soon = due.fraction() >= numbers.of(ScheduleSetting.SOON_FROM)
                && due.binding().limit() > 1;
        return soon ? task(What.TASK_SOON, FitState.FIT, due) : null;
    }

    private static WaitingWork task(What what, FitState state, TaskDue due) {
        return new WaitingWork(what, state, due.fraction(), null, due.task(), null, due.events(), due.expected(), null);
    }

    private static boolean failsTension(What what) {
        return switch (what) {
            case NO_SET_FITTED,
                    THROW_RISK,
                    NOT_READ_SINCE_APART,
                    TOO_TIGHT,
                    LOOSE,
                    TIGHT_SPOT,
                    READING_NOT_FAIR,
                    READ_HOT -> true;
            default -> false;
        };
    }
}
