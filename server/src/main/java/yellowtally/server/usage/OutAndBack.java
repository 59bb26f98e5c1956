package yellowtally.server.usage;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.holds.Hold;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.schedule.Wood;
import yellowtally.core.steps.Step;
import yellowtally.core.tension.Work;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.Acting;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.OwnId;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;
import yellowtally.server.worklog.SawHold;
import yellowtally.server.worklog.Worklog;

/** Writes down what goes out and comes back: all the saws of a request, or none. Runs within the caller's transaction. */
@Service
class OutAndBack {

    /**
     * What one saw did.
     *
     * @param tanks tanks, charges or run hours
     * @param oilShare tanks of bar oil used
     * @param chainSlack whether its chain hung slack; absent counts as not
     * @param daysRun days of a longer outing on which it ran; absent when nobody said
     * @param complaintCode which complaint of the fault finder it is; absent for none of them
     * @param hold whether the crew wants it held for what it complains of
     * @param sure says that an unlikely figure is right all the same
     */
    record BackSaw(
            String tag,
            Double tanks,
            @Nullable Double oilShare,
            @Nullable Set<Work> works,
            @Nullable Set<Wood> woods,
            boolean rain,
            boolean groundStruck,
            boolean dustSeen,
            @Nullable Boolean chainSlack,
            @Nullable Double daysRun,
            @Nullable String complaint,
            @Nullable String complaintCode,
            boolean hold,
            @Nullable Boolean sure) {

        UseInput use(@Nullable String said) {
            return new UseInput(
                    tanks, oilShare, works, woods, rain, groundStruck, dustSeen, chainSlack, said, daysRun, sure);
        }
    }

    /** Saws go out, all of them or none. {@code reason} says why it is written down later than {@code at}. */
    record Issue(
            UUID id,
            UUID crewId,
            @Nullable Instant at,
            @Nullable String reason,
            List<String> saws) {}

    /** Saws come back, all of them or none. */
    record Return(UUID id, @Nullable Instant at, @Nullable String reason, List<BackSaw> saws) {}

    /** One tank more; {@code oilShare} is how much of the oil tank was filled with it, absent when nobody looked. */
    record NewRefuel(UUID id, @Nullable Double oilShare) {}

    /** The last tank logged was none. */
    record NoRefuel(UUID id) {}

    private static final int MOST_SAWS = 100;

    private final Fleet fleet;
    private final Outings outings;
    private final MayGoOut mayGoOut;
    private final UseCheck uses;
    private final OutingBook book;
    private final People people;
    private final FleetSettings settings;
    private final Worklog worklog;
    private final TakesComplaints complaints;
    private final SeesReturns returns;
    private final FleetRevision revision;
    private final EntityManager records;
    private final Clock clock;

    OutAndBack(
            Fleet fleet,
            Outings outings,
            MayGoOut mayGoOut,
            UseCheck uses,
            OutingBook book,
            People people,
            FleetSettings settings,
            Worklog worklog,
            TakesComplaints complaints,
            SeesReturns returns,
            FleetRevision revision,
            EntityManager records,
            Clock clock) {
        this.fleet = fleet;
        this.outings = outings;
        this.mayGoOut = mayGoOut;
        this.uses = uses;
        this.book = book;
        this.people = people;
        this.settings = settings;
        this.worklog = worklog;
        this.complaints = complaints;
        this.returns = returns;
        this.revision = revision;
        this.records = records;
        this.clock = clock;
    }

    void issue(Issue given) {
        Person person = people.acting();
        UUID crew = fleet.crewHere(given.crewId()).id();
        Violations wrong = new Violations();
        refuseCount(given.saws(), wrong);
        wrong.refuseIfAny();
        // In one order, so that two who issue the same saws at once do not wait for each other for ever.
        fleet.lock(given.saws().stream().map(fleet::idOf).toList());
        Outing.Moment moment = moment(given.at(), given.reason(), wrong);
        wrong.refuseIfAny();
        for (String tag : given.saws()) {
            Saw saw = fleet.sawInService(tag);
            if (outings.findByOpenSawId(saw.id()).isPresent()) {
                throw Refusal.conflict("", "saw.out", tag);
            }
            mayGoOut.refuseUnfit(saw);
            UUID id = OwnId.of(given.id(), tag);
            // A backdated outing cannot begin while the one before was under way.
            if (outings.wasOut(saw.id(), id, moment.at(), Outings.NO_END)) {
                throw Refusal.conflict("at", "outing.overlap", saw.tag());
            }
            records.persist(new Outing(id, saw, fleet.setAt(saw, moment.at()), crew, moment, person.id()));
            revision.touches(saw.id());
        }
    }

    void takeBack(Return given) {
        Person person = people.acting();
        Violations wrong = new Violations();
        Outing.Moment moment = moment(given.at(), given.reason(), wrong);
        refuseCount(given.saws().stream().map(BackSaw::tag).toList(), wrong);
        wrong.refuseIfAny();
        fleet.lock(given.saws().stream().map(BackSaw::tag).map(fleet::idOf).toList());
        for (int i = 0; i < given.saws().size(); i++) {
            takeBack(given, given.saws().get(i), "saws[" + i + "].", moment, person, wrong);
        }
        wrong.refuseIfAny();
    }

    private void takeBack(
            Return all, BackSaw given, String field, Outing.Moment moment, Person person, Violations wrong) {
        Saw saw = fleet.saw(given.tag());
        Optional<Outing> open = outings.findByOpenSawId(saw.id());
        if (open.isEmpty()) {
            throw Refusal.conflict(field + "tag", "saw.notOut", given.tag());
        }
        Outing outing = open.get();
        if (moment.at().isBefore(outing.outAt())) {
            wrong.add("at", "outing.beforeOut", given.tag());
        }
        Use use = uses.use(
                given.use(complaint(given, field, wrong)),
                field,
                saw,
                new UseCheck.Span(outing.outAt(), moment.at()),
                outings.refuels(outing),
                wrong);
        boolean holds = given.hold() && given.complaintCode() == null;
        String why = holds && use.complaint() == null ? wrong.text(field + "complaint", null, 300) : use.complaint();
        if (wrong.found()) {
            // Nothing is written while anything is wrong; the next saw is only looked at.
            return;
        }
        UUID id = all.id();
        outing.back(moment, person.id(), use);
        revision.touches(saw.id());
        String code = given.complaintCode();
        String device = Acting.deviceNow();
        if (code == null && use.complaint() != null) {
            complaints.tell(
                    saw, OwnId.of(id, given.tag() + " fault"), use.complaint(), outing.id(), person.id(), device);
        }
        if (code != null) {
            complaints.take(
                    saw,
                    new TakesComplaints.Said(
                            OwnId.of(id, given.tag() + " fault"),
                            code,
                            given.complaint() == null || given.complaint().isBlank()
                                    ? null
                                    : given.complaint().trim(),
                            given.hold(),
                            outing.id(),
                            person.id(),
                            device));
        }
        if (holds) {
            for (Step step : Hold.ALL_ROUND) {
                UUID holdId = OwnId.of(id, given.tag() + " " + step);
                worklog.hold(new SawHold(holdId, saw.id(), step, why, clock.instant(), person.id()));
            }
        }
        returns.back(saw, person.id());
    }

    /** A complaint that is only chosen is on record in its own words. */
    private @Nullable String complaint(BackSaw given, String field, Violations wrong) {
        String code = given.complaintCode();
        String title = code == null ? null : complaints.title(code);
        if (code != null && title == null) {
            wrong.add(field + "complaintCode", "complaint.unknown");
        }
        return given.complaint() == null || given.complaint().isBlank() ? title : given.complaint();
    }

    void refuel(String tag, NewRefuel given) {
        Person person = people.acting();
        Outing outing =
                outings.findByOpenSawId(fleet.saw(tag).id()).orElseThrow(() -> Refusal.conflict("", "saw.notOut", tag));
        Violations wrong = new Violations();
        Double oil = wrong.optionalNumber("oilShare", given.oilShare(), 0, 1);
        wrong.refuseIfAny();
        records.persist(new Refuel(given.id(), outing.id(), clock.instant(), person.id(), oil));
        revision.touches(outing.sawId());
    }

    void takeBackRefuel(String tag, NoRefuel given) {
        Person person = people.acting();
        Outing outing =
                outings.findByOpenSawId(fleet.saw(tag).id()).orElseThrow(() -> Refusal.conflict("", "saw.notOut", tag));
        book.takeBackRefuel(outing, clock.instant(), person.id());
        revision.touches(outing.sawId());
    }

    private Outing.Moment moment(@Nullable Instant given, @Nullable String reason, Violations wrong) {
        Instant now = clock.instant();
        Instant at = given == null ? now : given;
        if (at.isAfter(now)) {
            wrong.add("at", "time.future");
        }
        boolean later = Duration.between(at, now).toMillis()
                > 60_000 * settings.rules().numbers().of(ScheduleSetting.ON_THE_SPOT);
        return new Outing.Moment(at, now, later ? wrong.text("reason", reason, 300) : null);
    }

    private static void refuseCount(List<String> tags, Violations wrong) {
        if (tags.isEmpty() || tags.size() > MOST_SAWS) {
            wrong.add("saws", "outing.saws", MOST_SAWS);
        }
        if (new HashSet<>(tags).size() < tags.size()) {
            wrong.add("saws", "outing.twice");
        }
    }
}
