package yellowtally.server.corrections;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.oiling.FilledOut;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.holds.Corrections;
import yellowtally.server.people.Acting;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Trial;
import yellowtally.server.support.Violations;
import yellowtally.server.usage.MayGoOut;
import yellowtally.server.usage.Outing;
import yellowtally.server.usage.OutingBook;
import yellowtally.server.usage.Outings;
import yellowtally.server.usage.SeesReturns;
import yellowtally.server.usage.TakesComplaints;
import yellowtally.server.usage.Use;
import yellowtally.server.usage.UseCheck;

/**
 * Puts outings right: wrong saw, crew, times, tanks, conditions, or never out at all. The entry that was wrong is struck out and
 * stays readable; the one in its place belongs to the parts that were on the saw then (handbook section 11, rules 3 and 10).
 */
@Service
class OutingCorrections {

    /**
     * An entry put right.
     *
     * @param version the one on which the correction was made
     */
    record OutingCorrection(UUID id, int version, String reason, CorrectedOuting outing) {}

    /** An entry of something that never was. */
    record OutingStrike(UUID id, int version, String reason) {}

    private final OutingBook book;
    private final Outings outings;
    private final Fleet fleet;
    private final People people;
    private final UseCheck uses;
    private final MayGoOut mayGoOut;
    private final TakesComplaints complaints;
    private final SeesReturns returns;
    private final Corrections corrections;
    private final Trial trial;
    private final Clock clock;

    OutingCorrections(
            OutingBook book,
            Outings outings,
            Fleet fleet,
            People people,
            UseCheck uses,
            MayGoOut mayGoOut,
            TakesComplaints complaints,
            SeesReturns returns,
            Corrections corrections,
            Trial trial,
            Clock clock) {
        this.book = book;
        this.outings = outings;
        this.fleet = fleet;
        this.people = people;
        this.uses = uses;
        this.mayGoOut = mayGoOut;
        this.complaints = complaints;
        this.returns = returns;
        this.corrections = corrections;
        this.trial = trial;
        this.clock = clock;
    }

    /** Strikes an entry out; nothing is owed for it any more. Runs within the caller's transaction. */
    void strike(UUID outingId, OutingStrike given) {
        Person person = people.acting();
        String reason = Violations.onlyText("reason", given.reason(), 300);
        Outing outing = standing(outingId, given.version(), List.of());
        corrections.make(book.saws(outing), person, false, () -> outing.strike(clock.instant(), person.id(), reason));
    }

    /** What striking it out would do. */
    Corrections.Effect strikeEffect(UUID outingId) {
        return trial.of(() -> {
            Outing outing = standing(outingId, book.find(outingId).version(), List.of());
            return corrections.effect(
                    book.saws(outing),
                    outing.outPersonId(),
                    false,
                    () -> outing.strike(clock.instant(), outing.outPersonId(), ""));
        });
    }

    /** Puts another entry in the place of a wrong one. Runs within the caller's transaction. */
    void correct(UUID outingId, OutingCorrection given) {
        Person person = people.acting();
        Prepared made = prepared(outingId, given, person);
        corrections.make(made.saws(), person, false, made.doing());
    }

    /** What that would do. */
    Corrections.Effect correctionEffect(UUID outingId, OutingCorrection given) {
        return trial.of(() -> {
            Prepared made = prepared(outingId, given, people.acting());
            return corrections.effect(made.saws(), people.acting().id(), false, made.doing());
        });
    }

    /** A correction that was found sound, not yet made. */
    private record Prepared(Collection<UUID> saws, Runnable doing) {}

    private Prepared prepared(UUID outingId, OutingCorrection given, Person person) {
        CorrectedOuting truth = given.outing();
        Violations wrong = new Violations();
        String reason = wrong.text("reason", given.reason(), 300);
        UUID crew = fleet.crew(truth.crewId()).id();
        Outing before = standing(outingId, given.version(), List.of(truth.tag()));
        Saw saw = truth.back() == null ? fleet.sawInService(truth.tag()) : fleet.saw(truth.tag());
        Instant now = clock.instant();
        Use use = checked(before, truth, saw, now, wrong);
        wrong.refuseIfAny();
        refuseOverlap(before, truth, saw);
        boolean otherSaw = !saw.id().equals(before.sawId());
        if (truth.back() == null && (otherSaw || !before.open())) {
            mayGoOut.refuseUnfit(saw);
        }
        Outing after = new Outing(
                given.id(),
                saw,
                fleet.setAt(saw, truth.outAt()),
                crew,
                new Outing.Moment(truth.outAt(), now, reason),
                before.outPersonId());
        if (truth.back() != null && use != null) {
            UUID returnedBy = before.backPersonId();
            after.back(
                    new Outing.Moment(truth.back().at(), now, reason),
                    returnedBy == null ? person.id() : returnedBy,
                    use);
        }
        Set<UUID> saws = new TreeSet<>(book.saws(before));
        saws.addAll(book.saws(after));
        return new Prepared(saws, () -> {
            before.strike(now, person.id(), reason);
            book.replace(before, after);
            if (saw.retiredAt() == null) {
                if (otherSaw) {
                    complaints.repeat(before.id(), saw, after.id(), person.id(), Acting.deviceNow());
                }
                if (!after.open()) {
                    returns.back(saw, person.id());
                }
            }
        });
    }

    /** The entry, if it still stands as it was seen, once no other write about its saw and these is under way. */
    private Outing standing(UUID outingId, int version, List<String> alsoTags) {
        Set<UUID> saws = new TreeSet<>(Set.of(book.find(outingId).sawId()));
        alsoTags.forEach(tag -> saws.add(fleet.idOf(tag)));
        fleet.lock(saws);
        Outing outing = book.findNow(outingId);
        if (outing.struckAt() != null) {
            throw Refusal.conflict("", "outing.struck");
        }
        if (outing.version() != version) {
            throw Refusal.conflict("", "stale");
        }
        return outing;
    }

    private @Nullable Use checked(Outing before, CorrectedOuting truth, Saw saw, Instant now, Violations wrong) {
        if (truth.outAt().isAfter(now)) {
            wrong.add("outing.outAt", "time.future");
        }
        if (truth.outAt()
                .isBefore(
                        saw.details().inService().atStartOfDay(clock.getZone()).toInstant())) {
            wrong.add("outing.outAt", "record.beforeService", saw.tag());
        }
        CorrectedOuting.CorrectedReturn back = truth.back();
        if (back == null) {
            return null;
        }
        if (back.at().isAfter(now)) {
            wrong.add("outing.back.at", "time.future");
        }
        if (back.at().isBefore(truth.outAt())) {
            wrong.add("outing.back.at", "outing.beforeOut", saw.tag());
        }
        // What is told of the whole outing now tells more than what was logged tank by tank: that may be the slip.
        FilledOut logged = before.open() ? outings.refuels(before) : FilledOut.NONE;
        return uses.use(
                back.use(), "outing.back.use.", saw, new UseCheck.Span(truth.outAt(), back.at()), logged, wrong);
    }

    private void refuseOverlap(Outing before, CorrectedOuting truth, Saw saw) {
        Instant until = truth.back() == null ? Outings.NO_END : truth.back().at();
        if (outings.wasOut(saw.id(), before.id(), truth.outAt(), until)) {
            throw Refusal.conflict("outing.outAt", "outing.outTwice", saw.tag());
        }
    }
}
