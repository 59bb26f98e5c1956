package yellowtally.server.schedule;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
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
import yellowtally.core.steps.Power;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepKind;
import yellowtally.core.visit.PlannedStep;
import yellowtally.core.visit.RideAlong;
import yellowtally.core.waiting.FitState;
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
     * @param visitId the open visit; absent when it is not on the bench
     */
    record SchedulePage(
            String tag,
            Power power,
            FitState state,
            List<Waiting> work,
            List<TaskView> tasks,
            List<PlannedStep> plan,
            double minutes,
            List<RideAlong> rideAlongs,
            List<OpenHold> holds,
            boolean mayRelease,
            @Nullable UUID visitId,
            List<QuickStep> quick) {}

    /** A task and where it stands; {@code binding} is the key of the limit that is nearest, or farthest over. */
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
            @Nullable DueDate expected) {}

    /** One limit of a task; {@code key} is the setting it comes from. */
    record LimitView(UseUnit unit, double raw, double counted, double limit, Set<Condition> heavier, String key) {}

    /** A hold that nobody has released. */
    record OpenHold(
            UUID id,
            Instant at,
            String by,
            boolean byPerson,
            Step step,
            Set<Finding> findings,
            @Nullable String note,
            boolean cleared) {}

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
                standing.account().tasks().stream()
                        .map(due -> view(due, standing))
                        .toList(),
                standing.plan().steps(),
                standing.plan().bill().totalMinutes(),
                standing.plan().rideAlongs(),
                holds(saw, standing),
                standing.ledger().mayRelease(),
                standing.visit() == null ? null : standing.visit().id(),
                quick);
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
                due.expected());
    }

    private List<OpenHold> holds(Saw saw, Standing standing) {
        Map<UUID, Boolean> cleared = new HashMap<>();
        standing.ledger()
                .holds()
                .forEach(hold -> cleared.put(
                        (UUID) hold.id(),
                        hold.cleared(standing.ledger().schedule().log())));
        return worklog.openHolds(saw.id()).stream()
                .map((SawHold h) -> new OpenHold(
                        h.id(),
                        h.at(),
                        people.require(h.personId()).name(),
                        h.recordId() == null,
                        h.step(),
                        h.findings(),
                        h.note(),
                        cleared.getOrDefault(h.id(), false)))
                .toList();
    }
}
