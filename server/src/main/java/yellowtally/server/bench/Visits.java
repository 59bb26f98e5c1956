package yellowtally.server.bench;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.fitness.FitState;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepVerdict;
import yellowtally.core.visit.PlannedStep;
import yellowtally.core.visit.PlannedStep.Why;
import yellowtally.core.visit.VisitPlan;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;
import yellowtally.server.usage.Outings;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.Worklog;

/** Begins visits, keeps their steps, ends them. Runs within the caller's transaction. */
@Service
class Visits {

    private final Fleet fleet;
    private final People people;
    private final Standings standings;
    private final Outings outings;
    private final VisitStores.Visits visits;
    private final VisitStores.Steps steps;
    private final VisitGate gate;
    private final Worklog worklog;
    private final FleetRevision revision;
    private final EntityManager records;
    private final Clock clock;

    Visits(
            Fleet fleet,
            People people,
            Standings standings,
            Outings outings,
            VisitStores.Visits visits,
            VisitStores.Steps steps,
            VisitGate gate,
            Worklog worklog,
            FleetRevision revision,
            EntityManager records,
            Clock clock) {
        this.fleet = fleet;
        this.people = people;
        this.standings = standings;
        this.outings = outings;
        this.visits = visits;
        this.steps = steps;
        this.gate = gate;
        this.worklog = worklog;
        this.revision = revision;
        this.records = records;
        this.clock = clock;
    }

    /** Lays a saw on the bench with the plan that its records make. */
    void start(String tag, VisitController.NewVisit given) {
        Person person = people.require(given.personId());
        Saw saw = fleet.sawInService(tag);
        if (outings.findByOpenSawId(saw.id()).isPresent()) {
            throw Refusal.conflict("", "visit.out", tag);
        }
        if (visits.findByOpenSawId(saw.id()).isPresent()) {
            throw Refusal.conflict("", "visit.open", tag);
        }
        Instant now = clock.instant();
        records.persist(new Visit(given.id(), saw.id(), now, person.id()));
        for (PlannedStep planned : standings.of(saw).plan().steps()) {
            records.persist(new VisitStep(given.id(), planned, now));
        }
        revision.touches(saw.id());
    }

    /** Puts a step into the visit that nothing asked for. */
    void addStep(UUID visitId, Step step, SawProfile saw) {
        Visit visit = gate.open(visitId);
        if (!step.appliesTo(saw)) {
            throw Refusal.unfit("step", "step.STEP_DOES_NOT_APPLY");
        }
        putSteps(visit.id(), saw, Map.of(step, new PlannedStep(step, Why.BY_HAND, null, null)), clock.instant(), false);
        revision.touches(visit.sawId());
    }

    /** What a record's findings call for at once, and what then has to be closed and proved. */
    void opened(UUID visitId, SawProfile saw, StepVerdict verdict, WorkRecord by) {
        Map<Step, PlannedStep> opened = new EnumMap<>(Step.class);
        for (Step step : verdict.opens()) {
            Finding finding = verdict.findings().stream()
                    .filter(found -> found.opens() == step)
                    .findFirst()
                    .orElse(null);
            opened.put(step, new PlannedStep(step, finding == null ? Why.FOLLOWS : Why.FINDING, null, finding));
        }
        boolean replaced = by.step().replaces() != null;
        putSteps(visitId, saw, opened, by.recordedAt().plusNanos(1_000), replaced);
    }

    /** Puts in what was found elsewhere to be needed. */
    void join(UUID visitId, SawProfile saw, List<Step> steps) {
        Map<Step, PlannedStep> wanted = new EnumMap<>(Step.class);
        steps.stream()
                .filter(step -> step.appliesTo(saw))
                .forEach(step -> wanted.put(step, new PlannedStep(step, Why.FINDING, null, null)));
        putSteps(visitId, saw, wanted, clock.instant(), false);
    }

    private void putSteps(UUID visitId, SawProfile saw, Map<Step, PlannedStep> wanted, Instant from, boolean refitted) {
        if (wanted.isEmpty() && !refitted) {
            return;
        }
        Map<Step, VisitStep> present = new EnumMap<>(Step.class);
        steps.ofVisit(visitId).forEach(step -> present.put(step.step(), step));
        wanted.forEach((step, planned) -> put(visitId, present, planned, from));
        Set<Step> all = EnumSet.copyOf(present.keySet());
        boolean opensAgain = refitted
                || wanted.keySet().stream()
                        .anyMatch(step -> !step.stage().opened().isEmpty());
        for (Step closing : VisitPlan.closing(saw, all)) {
            if (opensAgain || !present.containsKey(closing)) {
                put(visitId, present, new PlannedStep(closing, Why.CLOSES, null, null), from);
            }
        }
    }

    private void put(UUID visitId, Map<Step, VisitStep> present, PlannedStep planned, Instant from) {
        VisitStep before = present.get(planned.step());
        if (before == null) {
            VisitStep added = new VisitStep(visitId, planned, from);
            records.persist(added);
            present.put(planned.step(), added);
        } else if (recordOf(visitId, planned.step()) != null) {
            before.reopen(planned.why(), planned.finding(), from);
        } else if (before.optional()) {
            before.reopen(planned.why(), planned.finding(), before.since());
        }
    }

    /** The record that stands for a step of a visit; absent while it is open. */
    @Nullable
    UUID recordOf(UUID visitId, Step step) {
        Instant since = steps.findById(new VisitStep.Place(visitId, step))
                .map(VisitStep::since)
                .orElse(Instant.MIN);
        UUID found = null;
        for (WorkRecord record : worklog.ofVisit(visitId)) {
            if (record.step() == step && !record.recordedAt().isBefore(since)) {
                found = record.id();
            }
        }
        return found;
    }

    /** Passes over a step, saying why. */
    void skip(UUID visitId, VisitController.Skip given) {
        Person person = people.require(given.personId());
        Visit visit = gate.open(visitId);
        VisitStep step = steps.findById(new VisitStep.Place(visitId, given.step()))
                .orElseThrow(() -> Refusal.gone("visit.noStep"));
        Violations wrong = new Violations();
        String reason = step.optional()
                ? wrong.optionalText("reason", given.reason(), 300)
                : wrong.text("reason", given.reason(), 300);
        if (step.step() == Step.MAKE_SAFE) {
            wrong.add("step", "visit.safe");
        }
        wrong.refuseIfAny();
        Instant now = clock.instant();
        Saw saw = saw(visit);
        worklog.add(
                new WorkRecord(
                        new WorkRecord.Head(
                                given.id(),
                                visit.sawId(),
                                visitId,
                                given.step(),
                                now,
                                now,
                                person.id(),
                                given.device(),
                                Worklog.parts(fleet.set(saw))),
                        WorkOutcome.SKIPPED,
                        reason,
                        null),
                Set.of());
    }

    private Saw saw(Visit visit) {
        return fleet.saw(fleet.tag(visit.sawId()));
    }

    /** Strikes the last entry of the visit out, and takes steps away that only it had called for. */
    void undo(UUID visitId, VisitController.Undo given) {
        Person person = people.require(given.personId());
        Visit visit = gate.open(visitId);
        List<WorkRecord> done = worklog.ofVisit(visitId);
        if (done.isEmpty()) {
            throw Refusal.conflict("", "visit.nothingToUndo");
        }
        WorkRecord last = done.get(done.size() - 1);
        if (last.replacedId() != null) {
            throw Refusal.conflict("", "record.replaced");
        }
        if (last.outcome() == WorkOutcome.FAIL) {
            people.requireOfficer(given.personId());
        }
        worklog.strike(last, "Taken back at the bench", clock.instant(), person.id());
        List<VisitStep> gone = new ArrayList<>();
        for (VisitStep step : steps.ofVisit(visitId)) {
            boolean calledFor = step.why() == Why.FINDING
                    && step.finding() != null
                    && last.findings().contains(step.finding())
                    && !step.since().isBefore(last.recordedAt());
            boolean closes = step.why() == Why.CLOSES && step.since().isAfter(last.recordedAt());
            if (calledFor || closes) {
                gone.add(step);
            }
        }
        gone.forEach(step -> takeBack(step, done));
        revision.touches(visit.sawId());
    }

    /** A step that had been done before it was opened again goes back to that; one that was new goes away. */
    private void takeBack(VisitStep step, List<WorkRecord> done) {
        boolean doneBefore = done.stream()
                .anyMatch(r -> r.step() == step.step() && r.recordedAt().isBefore(step.since()));
        if (doneBefore) {
            step.reopen(step.why(), null, Instant.EPOCH);
        } else {
            steps.delete(step);
        }
    }

    /** Ends the visit with what the rules make of the saw now; open steps need a reason. */
    void end(UUID visitId, VisitController.End given) {
        Person person = people.require(given.personId());
        Visit visit = gate.open(visitId);
        long open = steps.ofVisit(visitId).stream()
                .filter(step -> !step.optional() && recordOf(visitId, step.step()) == null)
                .count();
        Violations wrong = new Violations();
        String reason = wrong.optionalText("leftOpenReason", given.leftOpenReason(), 300);
        if (open > 0 && reason == null) {
            wrong.add("leftOpenReason", "visit.stepsOpen", open);
        }
        wrong.refuseIfAny();
        FitState decision = standings.of(saw(visit)).account().state();
        visit.end(clock.instant(), person.id(), open > 0 ? reason : null, decision);
        revision.touches(visit.sawId());
    }
}
