package yellowtally.server.bench;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.tension.ReadingRefusal;
import yellowtally.core.tension.TensionEntry;
import yellowtally.core.tension.TensionJudge;
import yellowtally.core.tension.TensionJudgement;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TensionTarget;
import yellowtally.core.tension.TensionVerdict;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Records tension checks, the holds they cause, and releases. Runs within the caller's transaction. */
@Service
class TensionChecks {

    static final String THROW_RISK = "THROW_RISK";

    private static final int MOST_READINGS = 30;
    private static final double MOST_JOINT_PLAY_MM = 1;

    private final Fleet fleet;
    private final FleetSettings settings;
    private final People people;
    private final BenchStores.Checks checks;
    private final BenchStores.Holds holds;
    private final Standings standings;
    private final EntityManager records;
    private final Clock clock;

    TensionChecks(
            Fleet fleet,
            FleetSettings settings,
            People people,
            BenchStores.Checks checks,
            BenchStores.Holds holds,
            Standings standings,
            EntityManager records,
            Clock clock) {
        this.fleet = fleet;
        this.settings = settings;
        this.people = people;
        this.checks = checks;
        this.holds = holds;
        this.standings = standings;
        this.records = records;
        this.clock = clock;
    }

    /** A reading and what came of it. */
    private record Judged(ReadingInput given, TensionEntry entry, TensionVerdict verdict) {}

    void save(String tag, TensionController.NewCheck given) {
        Person person = people.require(given.personId());
        HouseRules rules = settings.rules();
        Saw saw = fleet.sawInService(tag);
        CheckSubject on = CheckSubject.of(saw, fleet.set(saw), given.work(), rules.tension());
        Instant now = clock.instant();
        Instant at = given.at() == null ? now : given.at();

        Violations wrong = new Violations();
        checkTime(tag, at, now, on, wrong);
        Double jointPlay = given.jointPlay() == null || given.jointPlay().isBlank()
                ? null
                : wrong.length("jointPlay", given.jointPlay(), rules.lengthUnit(), 0, MOST_JOINT_PLAY_MM)
                        .orElse(null);
        String note = wrong.optionalText("note", given.note(), 500);
        TensionCheck.Amendment amendment = amendment(saw, given, wrong);
        List<Judged> judged = judged(given, on, rules, wrong);
        wrong.refuseIfAny();

        TensionVerdict last = judged.get(judged.size() - 1).verdict();
        double turns = judged.stream().mapToDouble(j -> j.entry().turnsBefore()).sum();
        records.persist(new TensionCheck(
                new TensionCheck.Head(
                        given.id(),
                        saw.id(),
                        on.chainId(),
                        on.fittingId(),
                        at,
                        now,
                        person.id(),
                        given.device(),
                        given.occasion(),
                        given.work()),
                new TensionCheck.Finding(
                        last.outcome(),
                        last.provisional(),
                        turns,
                        on.subject().adjusterLeadMm(),
                        on.subject().barLengthMm(),
                        on.subject().tangDepthMm(),
                        TensionTarget.pullDownMm(on.subject(), rules.tension()),
                        jointPlay,
                        note),
                amendment));
        for (int seq = 0; seq < judged.size(); seq++) {
            Judged j = judged.get(seq);
            records.persist(new TensionReadingRow(
                    new TensionReadingRow.Place(given.id(), seq), j.given().value(), j.entry(), j.verdict()));
        }
        if (last.outcome() == TensionOutcome.THROW_RISK
                && holds.openOf(saw.id()).isEmpty()) {
            records.persist(new Hold(UUID.randomUUID(), saw.id(), THROW_RISK, given.id(), now, person.id()));
        }
    }

    TensionController.SavedCheck saved(String tag, UUID id) {
        TensionCheck check = checks.findById(id).orElseThrow();
        return new TensionController.SavedCheck(
                id,
                check.outcome(),
                check.provisional(),
                standings.of(fleet.saw(tag)).fitness().state());
    }

    /** Releases every hold of a saw; each needs a passing check after it, and nobody gets around that. */
    void release(String tag, UUID personId) {
        Person officer = people.requireOfficer(personId);
        Saw saw = fleet.sawInService(tag);
        List<Hold> open = holds.openOf(saw.id());
        if (open.isEmpty()) {
            throw Refusal.conflict("", "release.notHeld", tag);
        }
        UUID clearing = clearingCheck(saw);
        if (clearing == null) {
            throw Refusal.conflict("", "release.uncleared", tag);
        }
        open.forEach(hold -> records.persist(new HoldRelease(hold.id(), clearing, clock.instant(), officer.id())));
    }

    /** The latest check on the set that is fitted, if it passes. */
    private @Nullable UUID clearingCheck(Saw saw) {
        List<TensionCheck> latest = checks.latestValid(saw.id(), saw.fittingId());
        if (latest.isEmpty()) {
            return null;
        }
        TensionCheck last = latest.get(0);
        return last.outcome().passes() && !last.provisional() ? last.id() : null;
    }

    private static void checkTime(String tag, Instant at, Instant now, CheckSubject on, Violations wrong) {
        if (at.isAfter(now)) {
            wrong.add("at", "time.future");
        } else if (at.isBefore(on.fittedAt())) {
            wrong.add("at", "check.beforeFitting", tag);
        }
    }

    private TensionCheck.@Nullable Amendment amendment(Saw saw, TensionController.NewCheck given, Violations wrong) {
        if (given.amends() == null) {
            return null;
        }
        boolean known = checks.findById(given.amends())
                .filter(check -> check.sawId().equals(saw.id()))
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

    private static List<Judged> judged(
            TensionController.NewCheck given, CheckSubject on, HouseRules rules, Violations wrong) {
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
            TensionJudgement judgement = TensionJudge.judge(on.subject(), entry, rules.tension());
            if (judgement instanceof ReadingRefusal refusal) {
                wrong.add(field + ".value", "reading." + refusal.why(), refusal.given(), refusal.most());
            } else {
                judged.add(new Judged(input, entry, (TensionVerdict) judgement));
            }
        }
        return judged;
    }
}
