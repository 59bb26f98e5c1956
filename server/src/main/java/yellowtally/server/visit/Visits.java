package yellowtally.server.visit;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.judging.StepVerdict;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.PlannedStep.Why;
import yellowtally.core.visit.VisitStep;
import yellowtally.core.waiting.FitState;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.Acting;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;
import yellowtally.server.usage.Outings;
import yellowtally.server.worklog.Visit;
import yellowtally.server.worklog.VisitBook;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.Worklog;

/** Begins visits, keeps their steps, ends them: loads, asks the rules, stores. Runs within the caller's transaction. */
@Service
class Visits {

    /** A saw goes on the bench; {@code id} names the visit from then on. */
    record NewVisit(UUID id) {}

    /** A step passed over; a ride-along needs no reason. */
    record Skip(UUID id, Step step, @Nullable String reason) {}

    /** The last entry taken back. */
    record Undo(UUID id) {}

    /** A step put in by hand. */
    record NewStep(UUID id, Step step) {}

    /** The end, signed by a person. */
    record End(UUID id, @Nullable String leftOpenReason) {}

    private final Fleet fleet;
    private final People people;
    private final Standings standings;
    private final Outings outings;
    private final VisitBook book;
    private final VisitGate gate;
    private final Worklog worklog;
    private final Strikes strikes;
    private final FleetRevision revision;
    private final List<SeesVisitEnds> seen;
    private final Clock clock;

    Visits(
            Fleet fleet,
            People people,
            Standings standings,
            Outings outings,
            VisitBook book,
            VisitGate gate,
            Worklog worklog,
            Strikes strikes,
            FleetRevision revision,
            List<SeesVisitEnds> seen,
            Clock clock) {
        this.fleet = fleet;
        this.people = people;
        this.standings = standings;
        this.outings = outings;
        this.book = book;
        this.gate = gate;
        this.worklog = worklog;
        this.strikes = strikes;
        this.revision = revision;
        this.seen = seen;
        this.clock = clock;
    }

    /** Lays a saw on the bench with the plan that its records make. */
    void start(String tag, NewVisit given) {
        Person person = people.acting();
        Saw saw = fleet.sawInService(tag);
        if (outings.findByOpenSawId(saw.id()).isPresent()) {
            throw Refusal.conflict("", "visit.out", tag);
        }
        if (book.openOf(saw.id()).isPresent()) {
            throw Refusal.conflict("", "visit.open", tag);
        }
        Standing standing = standings.of(saw);
        standing.refuseAway();
        book.begin(
                new Visit(given.id(), saw.id(), clock.instant(), person.id()),
                standing.plan().steps());
    }

    /** Puts a step into the visit that nothing asked for. */
    void addStep(UUID visitId, Step step) {
        Visit visit = gate.open(visitId);
        SawProfile saw = standings.of(saw(visit)).profile();
        if (!step.appliesTo(saw)) {
            throw Refusal.unfit("step", "step.STEP_DOES_NOT_APPLY");
        }
        join(visit, List.of(step), Why.BY_HAND, saw);
    }

    /** Puts in what is wanted, and what then has to be closed and proved. */
    void join(Visit visit, List<Step> steps, Why why, SawProfile saw) {
        book.putIn(visit, book.story(visit.id()).calledFor(steps, why, saw), null, clock.instant());
    }

    /** What a record calls for at once, and what then has to be closed and proved. */
    void opened(Visit visit, SawProfile saw, StepVerdict verdict, WorkRecord by) {
        book.putIn(visit, book.story(visit.id()).calledForBy(by.step(), verdict, saw), by.id(), by.recordedAt());
    }

    /** Two people at one visit: the second to write a step is told what the first wrote. */
    void refuseStale(Visit visit, NewRecord given) {
        if (!Objects.equals(book.story(visit.id()).recordOf(given.step()), given.expects())) {
            throw Refusal.conflict("step", "visit.stepTaken");
        }
    }

    /** Passes over a step, saying why. */
    void skip(UUID visitId, Skip given) {
        Person person = people.acting();
        Visit visit = gate.open(visitId);
        VisitStep step = book.story(visitId).step(given.step()).orElseThrow(() -> Refusal.gone("visit.noStep"));
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
                                Acting.deviceNow(),
                                Worklog.parts(fleet.set(saw))),
                        WorkOutcome.SKIPPED,
                        reason,
                        null),
                Set.of());
    }

    private Saw saw(Visit visit) {
        return fleet.saw(fleet.tag(visit.sawId()));
    }

    /** Strikes the last entry of the visit out; what only it had called for goes with it. */
    void undo(UUID visitId, Undo given) {
        Person person = people.acting();
        gate.open(visitId);
        WorkRecord last = book.story(visitId)
                .last()
                .flatMap(done -> worklog.find((UUID) done.record()))
                .orElseThrow(() -> Refusal.conflict("", "visit.nothingToUndo"));
        if (last.replacedId() != null) {
            throw Refusal.conflict("", "record.replaced");
        }
        strikes.strike(last, person, "Taken back at the bench");
    }

    /** Ends the visit with what the rules make of the saw now; open steps need a reason. */
    void end(UUID visitId, End given) {
        Person person = people.acting();
        Visit visit = gate.open(visitId);
        int open = book.story(visitId).leftToDo().size();
        Violations wrong = new Violations();
        String reason = wrong.optionalText("leftOpenReason", given.leftOpenReason(), 300);
        if (open > 0 && reason == null) {
            wrong.add("leftOpenReason", "visit.stepsOpen", open);
        }
        wrong.refuseIfAny();
        FitState decision = standings.of(saw(visit)).account().state();
        Instant now = clock.instant();
        visit.end(now, person.id(), open > 0 ? reason : null, decision);
        revision.touches(visit.sawId());
        seen.forEach(sees -> sees.ended(now, person.id()));
    }
}
