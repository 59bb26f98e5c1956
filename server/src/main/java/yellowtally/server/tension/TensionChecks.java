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
import yellowtally.core.tension.ReadingRefusal;
import yellowtally.core.tension.TensionEntry;
import yellowtally.core.tension.TensionJudge;
import yellowtally.core.tension.TensionJudgement;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TensionSetting;
import yellowtally.core.tension.TensionTarget;
import yellowtally.core.tension.TensionVerdict;
import yellowtally.core.tension.Work;
import yellowtally.core.waiting.FitState;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.Violations;
import yellowtally.server.visit.VisitGate;
import yellowtally.server.worklog.Visit;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.Worklog;

/** Records tension checks, the holds they cause, and releases. Runs within the caller's transaction. */
@Service
class TensionChecks {

    /** A check to record: every reading in the order taken, the last one counts. */
    record NewCheck(
            UUID id,
            UUID personId,
            String device,
            CheckOccasion occasion,
            Work work,
            @Nullable Instant at,
            List<ReadingInput> readings,
            @Nullable String jointPlay,
            @Nullable String note,
            @Nullable UUID amends,
            @Nullable String amendReason,
            @Nullable UUID visitId) {}

    /** What was recorded, and where the saw stands now. */
    record SavedCheck(UUID id, TensionOutcome outcome, boolean provisional, FitState state) {}

    private static final int MOST_READINGS = 30;

    private final Fleet fleet;
    private final FleetSettings settings;
    private final People people;
    private final TensionRepositories.Checks checks;
    private final Worklog worklog;
    private final VisitGate visits;
    private final Standings standings;
    private final EntityManager records;
    private final Clock clock;

    TensionChecks(
            Fleet fleet,
            FleetSettings settings,
            People people,
            TensionRepositories.Checks checks,
            Worklog worklog,
            VisitGate visits,
            Standings standings,
            EntityManager records,
            Clock clock) {
        this.fleet = fleet;
        this.settings = settings;
        this.people = people;
        this.checks = checks;
        this.worklog = worklog;
        this.visits = visits;
        this.standings = standings;
        this.records = records;
        this.clock = clock;
    }

    /** A reading and what came of it. */
    private record Judged(ReadingInput given, TensionEntry entry, TensionVerdict verdict) {}

    void save(String tag, NewCheck given) {
        Person person = people.require(given.personId());
        HouseRules rules = settings.rules();
        Saw saw = fleet.sawInService(tag);
        CheckSubject on = CheckSubject.of(saw, fleet.set(saw), given.work(), rules.numbers());
        Instant now = clock.instant();
        Instant at = given.at() == null ? now : given.at();

        Violations wrong = new Violations();
        checkTime(tag, at, now, on, wrong);
        Double jointPlay = given.jointPlay() == null || given.jointPlay().isBlank()
                ? null
                : wrong.length(
                                "jointPlay",
                                given.jointPlay(),
                                rules.lengthUnit(),
                                0,
                                rules.numbers().of(TensionSetting.JOINT_PLAY_MOST))
                        .orElse(null);
        String note = wrong.optionalText("note", given.note(), 500);
        TensionCheck.Amendment amendment = amendment(saw, given, wrong);
        List<Judged> judged = judged(given, on, rules, wrong);
        wrong.refuseIfAny();

        TensionVerdict last = judged.get(judged.size() - 1).verdict();
        double turns = judged.stream().mapToDouble(j -> j.entry().turnsBefore()).sum();
        WorkRecord record = log(given, saw, person, at, now, last, note);
        records.persist(new TensionCheck(
                given.id(),
                given.occasion(),
                given.work(),
                new TensionCheck.Finding(
                        last.outcome(),
                        last.provisional(),
                        turns,
                        on.subject().adjusterLeadMm(),
                        on.subject().barLengthMm(),
                        on.subject().tangDepthMm(),
                        TensionTarget.pullDownMm(on.subject(), rules.numbers()),
                        jointPlay),
                amendment));
        for (int seq = 0; seq < judged.size(); seq++) {
            Judged j = judged.get(seq);
            records.persist(new TensionReadingRow(
                    new TensionReadingRow.Place(given.id(), seq), j.given().value(), j.entry(), j.verdict()));
        }
        if (amendment != null) {
            worklog.find(amendment.amendsId()).ifPresent(before -> {
                // A wrong reading may be put right by anybody; the hold that it made stays the officer's.
                worklog.passHoldsOn(before, record);
                worklog.strike(before, amendment.reason(), now, person.id());
            });
        }
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
    private WorkRecord log(
            NewCheck given,
            Saw saw,
            Person person,
            Instant at,
            Instant now,
            TensionVerdict last,
            @Nullable String note) {
        WorkRecord.Parts parts = Worklog.parts(fleet.set(saw));
        Visit visit = visits.openVisit(given.visitId(), saw);
        WorkRecord record = new WorkRecord(
                new WorkRecord.Head(
                        given.id(),
                        saw.id(),
                        visit == null ? null : visit.id(),
                        Step.TENSION,
                        at,
                        now,
                        person.id(),
                        given.device(),
                        parts),
                WorkOutcome.of(TensionStep.outcome(last)),
                note,
                null);
        worklog.add(record, Set.of());
        return record;
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
                wrong.add(field + ".value", "reading." + refusal.why(), refusal.given(), refusal.most());
            } else {
                judged.add(new Judged(input, entry, (TensionVerdict) judgement));
            }
        }
        return judged;
    }
}
