package yellowtally.server.schedule;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.holds.Hold.HoldOrigin;
import yellowtally.core.holds.HoldBook;
import yellowtally.core.holds.Need;
import yellowtally.core.log.Figures;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.schedule.Condition;
import yellowtally.core.schedule.DueDate;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.Family;
import yellowtally.core.schedule.LimitUse;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.schedule.UseUnit;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepKind;
import yellowtally.core.visit.PlannedStep;
import yellowtally.core.visit.RideAlong;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.StillNeeded;
import yellowtally.core.waiting.Waiting;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.People;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.visit.StepChoices;
import yellowtally.server.worklog.SawHold;
import yellowtally.server.worklog.Worklog;

/** The schedule of one saw: every task with the explanation of its due date, and what a visit now would do. */
@RestController
class SchedulePages {

    private final Fleet fleet;
    private final People people;
    private final Standings standings;
    private final Worklog worklog;

    SchedulePages(Fleet fleet, People people, Standings standings, Worklog worklog) {
        this.fleet = fleet;
        this.people = people;
        this.standings = standings;
        this.worklog = worklog;
    }

    /**
     * The schedule of a saw.
     *
     * @param minutes bench minutes that a visit begun now would take, ride-alongs left out (est.)
     * @param mayRelease whether every hold is cleared, so that an officer may lift them
     * @param doubted figures that wait for a second reading
     * @param visitId the open visit; absent when it is not on the bench
     */
    record SchedulePage(
            String tag,
            Power power,
            FitState state,
            List<Waiting> work,
            List<Need> needs,
            List<TaskView> tasks,
            List<PlannedStep> plan,
            double minutes,
            List<RideAlong> rideAlongs,
            List<OpenHold> holds,
            boolean mayRelease,
            List<Doubted> doubted,
            @Nullable UUID visitId,
            List<QuickStep> quick) {}

    /**
     * A task and where it stands.
     *
     * @param binding the key of the limit that is nearest, or farthest over
     * @param unknown whether nobody can say how far it is: no record, and a past that nobody wrote down
     * @param told whether the record it counts from was told when the saw was brought in
     */
    record TaskView(
            Task task,
            Family family,
            Stage stage,
            double minutes,
            boolean due,
            double fraction,
            List<LimitView> limits,
            String binding,
            Set<DueEvent> events,
            @Nullable Instant lastDone,
            @Nullable DueDate expected,
            boolean unknown,
            boolean told) {}

    /** One limit of a task; {@code key} is the setting it comes from. */
    record LimitView(UseUnit unit, double raw, double counted, double limit, Set<Condition> heavier, String key) {}

    /**
     * A hold without a release that stands.
     *
     * @param struck whether the record that made it was struck out
     * @param cleared whether nothing is missing but the release
     * @param needs what is missing, in the order in which it is done
     * @param faultId the complaint it was set for; absent for none
     * @param fell the release that does not stand any more; absent when there was none
     */
    record OpenHold(
            UUID id,
            Instant at,
            String by,
            HoldOrigin origin,
            Step step,
            Set<Finding> findings,
            @Nullable String note,
            boolean struck,
            boolean cleared,
            List<Need> needs,
            @Nullable UUID faultId,
            @Nullable FallenRelease fell) {}

    /**
     * A release that fell.
     *
     * @param step whose record it stood on, and which was struck out
     */
    record FallenRelease(Instant at, String by, Step step, Instant struckAt, String struckBy, String reason) {}

    /** A figure that is better than the one before it, with nothing done that could have bettered it. */
    record Doubted(Measure measure, double figure, Instant at) {}

    /** A step that can be recorded outside a visit. */
    record QuickStep(
            Step step, StepKind kind, List<StepChoices.FindingView> findings, List<StepChoices.MeasureView> measures) {}

    @GetMapping("/api/saws/{tag}/schedule")
    @Transactional(readOnly = true)
    SchedulePage schedule(@PathVariable String tag) {
        Saw saw = fleet.sawInService(tag);
        Standing standing = standings.of(saw);
        List<QuickStep> quick = Arrays.stream(Step.values())
                .filter(step -> step.appliesTo(standing.profile()))
                .filter(step -> step.kind() != StepKind.TENSION && step.kind() != StepKind.REPLACE)
                .map(step -> new QuickStep(
                        step,
                        step.kind(),
                        StepChoices.findings(step, standing.profile()),
                        StepChoices.measures(step, standing.profile())))
                .toList();
        return new SchedulePage(
                tag,
                standing.profile().power(),
                standing.account().state(),
                standing.account().work(),
                StillNeeded.of(standing.account().work()),
                standing.account().tasks().stream()
                        .map(due -> view(due, standing))
                        .toList(),
                standing.plan().steps(),
                standing.plan().bill().totalMinutes(),
                standing.plan().rideAlongs(),
                holds(saw, standing),
                standing.account().holds().mayRelease(),
                standing.parts().figures().doubted().stream()
                        .filter(entry -> waits(standing.parts().figures(), entry))
                        .map(entry -> new Doubted(entry.measure(), entry.figure(), entry.at()))
                        .toList(),
                standing.visit() == null ? null : standing.visit().id(),
                quick);
    }

    /** Once a figure that counts was taken after it, nobody has to measure again. */
    private static boolean waits(Figures figures, MeasureEntry doubted) {
        return figures.latest(doubted.measure())
                .filter(entry -> entry.at().isAfter(doubted.at()))
                .isEmpty();
    }

    private static TaskView view(TaskDue due, Standing standing) {
        List<LimitView> limits = new ArrayList<>();
        for (int i = 0; i < due.limits().size(); i++) {
            LimitUse use = due.limits().get(i);
            NumberSetting setting = due.task().limits(standing.profile()).get(i).setting();
            limits.add(new LimitView(use.unit(), use.raw(), use.counted(), use.limit(), use.heavier(), setting.key()));
        }
        return new TaskView(
                due.task(),
                due.task().family(),
                due.task().stage(),
                standing.numbers().of(due.task().minutes()),
                due.due(),
                due.fraction(),
                limits,
                limits.get(due.limits().indexOf(due.binding())).key(),
                due.events(),
                due.lastDone(),
                due.expected(),
                due.unknown(),
                due.told());
    }

    private List<OpenHold> holds(Saw saw, Standing standing) {
        Map<UUID, HoldBook.Held> inForce = new HashMap<>();
        standing.account()
                .holds()
                .inForce()
                .forEach(held -> inForce.put((UUID) held.hold().id(), held));
        List<SawHold> open = worklog.openHolds(saw.id());
        Map<UUID, Worklog.Fallen> fallen = new HashMap<>();
        worklog.fallen(open.stream().map(SawHold::id).toList()).forEach(fell -> fallen.put(fell.holdId(), fell));
        return open.stream()
                .filter(hold -> inForce.containsKey(hold.id()))
                .map(hold -> view(hold, Objects.requireNonNull(inForce.get(hold.id())), fallen.get(hold.id())))
                .toList();
    }

    private OpenHold view(SawHold hold, HoldBook.Held held, Worklog.@Nullable Fallen fallen) {
        return new OpenHold(
                hold.id(),
                hold.at(),
                people.require(hold.personId()).name(),
                hold.origin(),
                hold.step(),
                hold.findings(),
                hold.note(),
                held.hold().struckBy() != null,
                held.proving().proved(),
                held.proving().missing(),
                hold.faultId(),
                fallen == null
                        ? null
                        : new FallenRelease(
                                fallen.releasedAt(),
                                people.require(fallen.releasedBy()).name(),
                                fallen.step(),
                                fallen.strike().at(),
                                people.require(fallen.strike().personId()).name(),
                                fallen.strike().reason()));
    }
}
