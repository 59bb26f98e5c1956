package yellowtally.server.corrections;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.judging.Retold;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.StepKind;
import yellowtally.core.waiting.FitState;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.holds.Corrections;
import yellowtally.server.people.Acting;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Trial;
import yellowtally.server.support.Violations;
import yellowtally.server.tension.TensionChecks;
import yellowtally.server.usage.Outings;
import yellowtally.server.visit.StepDone;
import yellowtally.server.visit.StepRecorder;
import yellowtally.server.visit.Strikes;
import yellowtally.server.worklog.Visit;
import yellowtally.server.worklog.VisitBook;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.Worklog;

/**
 * Puts a whole visit right that was recorded on the wrong saw: strikes it out, or moves it to the saw that lay on the bench in
 * truth, where every step is judged anew (handbook section 11, rules 3 and 10).
 */
@Service
class VisitCorrections {

    /** A visit that never was. */
    record VisitStrike(UUID id, String reason) {}

    /** The saw that lay on the bench; {@code id} names the visit that takes the place of the wrong one. */
    record VisitMove(UUID id, String tag, String reason) {}

    private static final int MOST_NOTE = 500;

    private final VisitBook visits;
    private final Worklog worklog;
    private final Fleet fleet;
    private final People people;
    private final Outings outings;
    private final Standings standings;
    private final Strikes strikes;
    private final StepRecorder recorder;
    private final TensionChecks tension;
    private final Corrections corrections;
    private final Trial trial;
    private final Clock clock;

    VisitCorrections(
            VisitBook visits,
            Worklog worklog,
            Fleet fleet,
            People people,
            Outings outings,
            Standings standings,
            Strikes strikes,
            StepRecorder recorder,
            TensionChecks tension,
            Corrections corrections,
            Trial trial,
            Clock clock) {
        this.visits = visits;
        this.worklog = worklog;
        this.fleet = fleet;
        this.people = people;
        this.outings = outings;
        this.standings = standings;
        this.strikes = strikes;
        this.recorder = recorder;
        this.tension = tension;
        this.corrections = corrections;
        this.trial = trial;
        this.clock = clock;
    }

    /** A correction that was found sound, not yet made. */
    private record Prepared(Collection<UUID> saws, boolean failure, Runnable doing) {}

    /** Strikes a visit out with all that was recorded in it. Runs within the caller's transaction. */
    void strike(UUID visitId, VisitStrike given) {
        Person person = people.acting();
        make(person, struck(visitId, person, Violations.onlyText("reason", given.reason(), 300)));
    }

    /** What that would do. */
    Corrections.Effect strikeEffect(UUID visitId) {
        return trial.of(() -> {
            Visit visit = standing(visitId, null);
            Person any = people.require(visit.startedBy());
            return effect(any, struck(visitId, any, "-"));
        });
    }

    /** Moves a visit to another saw. Runs within the caller's transaction. */
    void move(UUID visitId, VisitMove given) {
        Person person = people.acting();
        make(person, moved(visitId, given, person));
    }

    /** What that would do. */
    Corrections.Effect moveEffect(UUID visitId, VisitMove given) {
        return trial.of(() -> {
            Person person = people.acting();
            return effect(person, moved(visitId, given, person));
        });
    }

    private void make(Person by, Prepared made) {
        corrections.make(made.saws(), by, made.failure(), made.doing());
    }

    private Corrections.Effect effect(Person by, Prepared made) {
        return corrections.effect(made.saws(), by.id(), made.failure(), made.doing());
    }

    private Prepared struck(UUID visitId, Person person, String reason) {
        Visit visit = standing(visitId, null);
        List<WorkRecord> records = records(visit);
        return new Prepared(saws(visit, records), failed(records), () -> strike(visit, records, person, reason));
    }

    private void strike(Visit visit, List<WorkRecord> records, Person person, String reason) {
        Instant now = clock.instant();
        records.forEach(record -> worklog.strike(record, reason, now, person.id()));
        visit.strike(now, person.id(), reason);
    }

    private Prepared moved(UUID visitId, VisitMove given, Person person) {
        String reason = Violations.onlyText("reason", given.reason(), 300);
        Visit visit = standing(visitId, given.tag());
        Saw from = fleet.byId(visit.sawId());
        Saw to = fleet.sawInService(given.tag());
        if (to.id().equals(from.id())) {
            throw Refusal.unfit("tag", "visit.sameSaw", to.tag());
        }
        if (visit.open()) {
            refuseElsewhere(to);
        }
        List<WorkRecord> records = records(visit);
        SawProfile judgedOn = standings.of(from).profile();
        Set<UUID> saws = new TreeSet<>(saws(visit, records));
        saws.add(to.id());
        return new Prepared(saws, failed(records), () -> {
            strike(visit, records, person, reason);
            worklog.flush();
            Visit right = new Visit(given.id(), to.id(), visit.startedAt(), visit.startedBy()).amending(visit.id());
            // Held for now: what the rules make of the saw is known once every step is told.
            end(right, visit, FitState.HELD);
            visits.begin(right, visits.planned(visit.id()));
            for (WorkRecord record : records) {
                again(record, right, to, judgedOn, note(record, from.tag(), reason));
            }
            worklog.flush();
            end(right, visit, standings.of(to).account().state());
        });
    }

    private static void end(Visit right, Visit like, FitState decision) {
        if (like.endedAt() != null && like.endedBy() != null) {
            right.end(like.endedAt(), like.endedBy(), like.leftOpenReason(), decision);
        }
    }

    private void refuseElsewhere(Saw to) {
        if (outings.findByOpenSawId(to.id()).isPresent()) {
            throw Refusal.conflict("tag", "visit.out", to.tag());
        }
        if (visits.openOf(to.id()).isPresent()) {
            throw Refusal.conflict("tag", "visit.open", to.tag());
        }
        standings.of(to).refuseAway();
    }

    /** Whoever did it did it; who moved it stands on the struck one. */
    private void again(WorkRecord record, Visit right, Saw to, SawProfile judgedOn, String note) {
        UUID id = UUID.randomUUID();
        if (record.outcome() == WorkOutcome.SKIPPED) {
            Instant now = clock.instant();
            worklog.add(
                    new WorkRecord(
                            new WorkRecord.Head(
                                    id,
                                    to.id(),
                                    right.id(),
                                    record.step(),
                                    record.at(),
                                    now,
                                    record.personId(),
                                    Acting.deviceNow(),
                                    Worklog.parts(fleet.setAt(to, record.at()))),
                            WorkOutcome.SKIPPED,
                            note,
                            null),
                    EnumSet.noneOf(Finding.class));
        } else if (record.step().kind() == StepKind.TENSION) {
            tension.repeat(to, right, record, id, note);
        } else {
            recorder.repeat(
                    to,
                    right,
                    new StepDone(
                            id,
                            record.personId(),
                            right.id(),
                            record.at(),
                            record.step(),
                            Retold.of(record.outcome().ended(), record.findings(), record.figures(), judgedOn),
                            note,
                            null,
                            null,
                            false));
        }
    }

    private static String note(WorkRecord record, String from, String reason) {
        String said = record.note() == null ? "" : record.note() + ". ";
        String note = said + "Recorded on saw " + from + " at first: " + reason;
        return note.substring(0, Math.min(note.length(), MOST_NOTE));
    }

    private static boolean failed(List<WorkRecord> records) {
        return records.stream().anyMatch(record -> record.outcome() == WorkOutcome.FAIL);
    }

    private Collection<UUID> saws(Visit visit, List<WorkRecord> records) {
        Set<UUID> saws = new TreeSet<>(Set.of(visit.sawId()));
        records.forEach(record -> saws.addAll(strikes.saws(record)));
        return saws;
    }

    private List<WorkRecord> records(Visit visit) {
        List<WorkRecord> records = worklog.ofVisit(visit.id());
        if (records.stream().anyMatch(record -> record.replacedId() != null)) {
            throw Refusal.conflict("", "visit.replaced");
        }
        return records;
    }

    /** The visit, if nobody struck it out before, once no other write about its saw and that one is under way. */
    private Visit standing(UUID visitId, @Nullable String alsoTag) {
        Set<UUID> saws = new TreeSet<>(Set.of(visits.sawOf(visitId).orElseThrow(() -> Refusal.gone("visit.unknown"))));
        if (alsoTag != null) {
            saws.add(fleet.idOf(alsoTag));
        }
        fleet.lock(saws);
        Visit visit = visits.findNow(visitId);
        if (visit.struckAt() != null) {
            throw Refusal.conflict("", "visit.struck");
        }
        return visit;
    }
}
