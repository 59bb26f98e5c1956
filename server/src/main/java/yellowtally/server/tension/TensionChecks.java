package yellowtally.server.tension;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.judging.TensionStep;
import yellowtally.core.steps.Step;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.Measured;
import yellowtally.core.tension.ReadingRefusal;
import yellowtally.core.tension.TensionEntry;
import yellowtally.core.tension.TensionJudge;
import yellowtally.core.tension.TensionJudgement;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TensionTarget;
import yellowtally.core.tension.TensionVerdict;
import yellowtally.core.tension.Work;
import yellowtally.core.waiting.FitState;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.holds.Corrections;
import yellowtally.server.people.Acting;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.Violations;
import yellowtally.server.visit.Strikes;
import yellowtally.server.visit.VisitGate;
import yellowtally.server.worklog.Visit;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.Worklog;

/** Records tension checks and the holds they cause. Runs within the caller's transaction. */
@Service
public class TensionChecks {

    /** A check to record: every reading in the order taken, the last one counts. */
    record NewCheck(
            UUID id,
            CheckOccasion occasion,
            Work work,
            @Nullable Instant at,
            List<ReadingInput> readings,
            @Nullable String jointPlay,
            @Nullable String adjusterPlace,
            @Nullable String tenLinks,
            @Nullable String note,
            @Nullable UUID amends,
            @Nullable String amendReason,
            @Nullable UUID visitId) {

        MeasuredInput measured() {
            return new MeasuredInput(jointPlay, adjusterPlace, tenLinks);
        }
    }

    /** What was recorded, and where the saw stands now. */
    record SavedCheck(UUID id, TensionOutcome outcome, boolean provisional, FitState state) {}

    private static final int MOST_READINGS = 30;

    private final Fleet fleet;
    private final FleetSettings settings;
    private final People people;
    private final TensionRepositories.Checks checks;
    private final TensionRepositories.Readings readings;
    private final Worklog worklog;
    private final VisitGate visits;
    private final Standings standings;
    private final Corrections corrections;
    private final Strikes strikes;
    private final EntityManager records;
    private final Clock clock;

    TensionChecks(
            Fleet fleet,
            FleetSettings settings,
            People people,
            TensionRepositories.Checks checks,
            TensionRepositories.Readings readings,
            Worklog worklog,
            VisitGate visits,
            Standings standings,
            Corrections corrections,
            Strikes strikes,
            EntityManager records,
            Clock clock) {
        this.fleet = fleet;
        this.settings = settings;
        this.people = people;
        this.checks = checks;
        this.readings = readings;
        this.worklog = worklog;
        this.visits = visits;
        this.standings = standings;
        this.corrections = corrections;
        this.strikes = strikes;
        this.records = records;
        this.clock = clock;
    }

    /** A reading and what came of it. */
    private record Judged(ReadingInput given, TensionEntry entry, TensionVerdict verdict) {}

    void save(String tag, NewCheck given) {
        Saw saw = fleet.sawInService(tag);
        save(saw, visits.openVisit(given.visitId(), saw), given, people.acting());
    }

    /** Records a check once more on the saw that was read in truth, in a visit of it that may have ended long ago. */
    public void repeat(Saw saw, Visit visit, WorkRecord made, UUID id, String note) {
        TensionCheck check = checks.findById(made.id()).orElseThrow();
        MeasuredInput measured = MeasuredInput.again(check.measured());
        save(
                saw,
                visit,
                new NewCheck(
                        id,
                        check.occasion(),
                        check.work(),
                        made.at(),
                        readings.ofChecks(List.of(made.id())).stream()
                                .map(ReadingInput::again)
                                .toList(),
                        measured.jointPlay(),
                        measured.adjusterPlace(),
                        measured.tenLinks(),
                        note,
                        null,
                        null,
                        visit.id()),
                people.require(made.personId()));
    }

    private void save(Saw saw, @Nullable Visit visit, NewCheck given, Person person) {
        HouseRules rules = settings.rules();
        Instant now = clock.instant();
        Instant at = madeAt(given, now);
        // What is written down later was read on the parts that were on the saw then.
        CheckSubject on = CheckSubject.of(saw, fleet.setAt(saw, at), given.work(), rules.numbers());

        Violations wrong = new Violations();
        checkTime(saw.tag(), at, now, on, wrong);
        Measured measured = given.measured().read(rules, on.pitch(), wrong);
        String note = wrong.optionalText("note", given.note(), 500);
        TensionCheck.Amendment amendment = amendment(saw, given, wrong);
        List<Judged> judged = judged(given, on, rules, wrong);
        wrong.refuseIfAny();

        TensionCheck before =
                amendment == null ? null : checks.findById(amendment.amendsId()).orElseThrow();
        Runnable store = () ->
                store(given, new Made(saw, visit, person, at, now, on, note, measured), judged, amendment, before);
        if (amendment == null) {
            store.run();
        } else {
            // A wrong reading may be put right by anybody, unless that makes the saw more usable.
            WorkRecord wrongOne = worklog.find(amendment.amendsId()).orElseThrow();
            corrections.amend(strikes.saws(wrongOne), person, () -> {
                worklog.strike(wrongOne, amendment.reason(), now, person.id());
                records.flush();
                store.run();
            });
        }
    }

    /** An amended reading keeps the moment at which it was made. */
    private Instant madeAt(NewCheck given, Instant now) {
        if (given.at() != null) {
            return given.at();
        }
        return given.amends() == null
                ? now
                : worklog.find(given.amends()).map(WorkRecord::at).orElse(now);
    }

    /** On what, by whom, when. */
    private record Made(
            Saw saw,
            @Nullable Visit visit,
            Person person,
            Instant at,
            Instant now,
            CheckSubject on,
            @Nullable String note,
            Measured measured) {}

    private void store(
            NewCheck given,
            Made made,
            List<Judged> judged,
            TensionCheck.@Nullable Amendment amendment,
            @Nullable TensionCheck before) {
        TensionVerdict last = judged.get(judged.size() - 1).verdict();
        double turns = judged.stream().mapToDouble(j -> j.entry().turnsBefore()).sum();
        // A reading is corrected; what the hand turned before it was turned all the same.
        boolean turned = judged.stream().anyMatch(j -> j.entry().turnsBefore() != 0);
        turns = before != null && !turned ? before.turns() : turns;
        CheckOccasion occasion = before == null ? occasion(given, made) : before.occasion();
        log(given, made, last);
        records.persist(new TensionCheck(
                given.id(),
                occasion,
                given.work(),
                new TensionCheck.Finding(
                        last.outcome(),
                        last.provisional(),
                        turns,
                        made.on().subject().adjusterLeadMm(),
                        made.on().subject().barLengthMm(),
                        made.on().subject().tangDepthMm(),
                        TensionTarget.pullDownMm(
                                made.on().subject(), settings.rules().numbers()),
                        made.measured()),
                amendment));
        for (int seq = 0; seq < judged.size(); seq++) {
            Judged j = judged.get(seq);
            records.persist(new TensionReadingRow(
                    new TensionReadingRow.Place(given.id(), seq), j.given().value(), j.entry(), j.verdict()));
        }
    }

    /** That the set was apart the records know by themselves: turns made then are no growth (handbook section 11). */
    private CheckOccasion occasion(NewCheck given, Made made) {
        boolean apart = made.at().isBefore(made.now())
                ? worklog.wasApart(made.saw().id(), made.at(), made.on().fittedAt())
                : standings.of(made.saw()).tension().fitness().apart();
        return apart ? CheckOccasion.SET_WAS_APART : given.occasion();
    }

    SavedCheck saved(String tag, UUID id) {
        TensionCheck check = checks.findById(id).orElseThrow();
        return new SavedCheck(
                id,
                check.outcome(),
                check.provisional(),
                standings.of(fleet.saw(tag)).account().state());
    }

    /** The check as a step of the log: a throw risk fails and holds, what wants adjusting waits. */
    private void log(NewCheck given, Made made, TensionVerdict last) {
        WorkRecord record = new WorkRecord(
                new WorkRecord.Head(
                        given.id(),
                        made.saw().id(),
                        made.visit() == null ? null : made.visit().id(),
                        Step.TENSION,
                        made.at(),
                        made.now(),
                        made.person().id(),
                        Acting.deviceNow(),
                        Worklog.parts(fleet.setAt(made.saw(), made.at()))),
                WorkOutcome.of(TensionStep.outcome(last)),
                made.note(),
                null);
        worklog.add(record, Set.of());
    }

    private static void checkTime(String tag, Instant at, Instant now, CheckSubject on, Violations wrong) {
        if (at.isAfter(now)) {
            wrong.add("at", "time.future");
        } else if (at.isBefore(on.fittedAt())) {
            wrong.add("at", "check.beforeFitting", tag);
        }
    }

    private TensionCheck.@Nullable Amendment amendment(Saw saw, NewCheck given, Violations wrong) {
        if (given.amends() == null) {
            return null;
        }
        boolean known = checks.existsById(given.amends())
                && worklog.find(given.amends())
                        .filter(record -> record.sawId().equals(saw.id()))
                        .isPresent();
        if (!known) {
            wrong.add("amends", "check.unknown", saw.tag());
        } else if (checks.findByAmendsId(given.amends()).isPresent()) {
            wrong.add("amends", "check.amended");
        }
        if (given.amendReason() == null || given.amendReason().isBlank()) {
            wrong.add("amendReason", "check.amendReason");
            return null;
        }
        return new TensionCheck.Amendment(given.amends(), wrong.text("amendReason", given.amendReason(), 300));
    }

    private static List<Judged> judged(NewCheck given, CheckSubject on, HouseRules rules, Violations wrong) {
        if (given.readings().isEmpty()) {
            wrong.add("readings", "reading.none");
        }
        if (given.readings().size() > MOST_READINGS) {
            wrong.add("readings", "reading.many", MOST_READINGS);
            return List.of();
        }
        List<Judged> judged = new ArrayList<>();
        for (int i = 0; i < given.readings().size(); i++) {
            ReadingInput input = given.readings().get(i);
            String field = "readings[" + i + "]";
            TensionEntry entry = input.entry(field, rules.lengthUnit(), wrong);
            if (entry == null) {
                continue;
            }
            TensionJudgement judgement = TensionJudge.judge(on.subject(), entry, rules.numbers());
            if (judgement instanceof ReadingRefusal refusal) {
                ReadingInput.refuse(field + ".value", refusal, wrong);
            } else {
                judged.add(new Judged(input, entry, (TensionVerdict) judgement));
            }
        }
        return judged;
    }
}
