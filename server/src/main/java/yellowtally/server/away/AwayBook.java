package yellowtally.server.away;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.server.faults.MechanicFaults;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.OwnId;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;
import yellowtally.server.usage.Outings;

/** Writes down that a saw goes to a mechanic or dealer, what is said meanwhile, and that it is back. */
@Service
class AwayBook {

    private final AwayRepositories.Aways aways;
    private final AwayRepositories.Words words;
    private final GoingChecks checks;
    private final MechanicFaults faults;
    private final Fleet fleet;
    private final Outings outings;
    private final Standings standings;
    private final People people;
    private final FleetRevision revision;
    private final Clock clock;

    AwayBook(
            AwayRepositories.Aways aways,
            AwayRepositories.Words words,
            GoingChecks checks,
            MechanicFaults faults,
            Fleet fleet,
            Outings outings,
            Standings standings,
            People people,
            FleetRevision revision,
            Clock clock) {
        this.aways = aways;
        this.words = words;
        this.checks = checks;
        this.faults = faults;
        this.fleet = fleet;
        this.outings = outings;
        this.standings = standings;
        this.people = people;
        this.revision = revision;
        this.clock = clock;
    }

    /**
     * A saw goes.
     *
     * @param since the day on which it went, today at the latest
     * @param faults complaints that it goes for
     */
    record GivenAway(UUID id, String who, String why, LocalDate since, List<UUID> faults, SaidOfReturn said) {}

    /** Something new was said. */
    record NewWord(UUID id, SaidOfReturn said) {}

    /**
     * It is back.
     *
     * @param done what was done, as they say
     * @param costCents what it cost, hundredths; absent while there is no bill
     * @param putRight complaints that are put right, as they say; the bench proves it
     */
    record TakenIn(UUID id, String done, @Nullable Integer costCents, List<UUID> putRight) {}

    void give(String tag, GivenAway given) {
        Person officer = people.actingOfficer();
        Saw saw = fleet.sawInService(tag);
        fleet.lock(List.of(saw.id()));
        Violations wrong = new Violations();
        TimeAway.Going going = checks.going(given.who(), given.why(), given.since(), wrong);
        SaidOfReturn said = checks.said(given.said(), wrong);
        wrong.refuseIfAny();
        Standing standing = standings.of(saw);
        standing.refuseAway();
        if (outings.findByOpenSawId(saw.id()).isPresent()) {
            throw Refusal.conflict("", "away.out", saw.tag());
        }
        if (standing.visit() != null) {
            throw Refusal.conflict("", "saw.onBench", saw.tag());
        }
        aways.save(new Away(given.id(), saw.id(), going, officer.id()));
        words.save(new AwayWord(OwnId.of(given.id(), "word"), given.id(), said, going.at(), officer.id()));
        given.faults().forEach(fault -> faults.goes(fault, saw, OwnId.of(given.id(), fault + " goes"), going.who()));
        revision.touches(saw.id());
    }

    void say(UUID awayId, NewWord given) {
        Person officer = people.actingOfficer();
        Away away = open(awayId);
        Violations wrong = new Violations();
        SaidOfReturn said = checks.said(given.said(), wrong);
        wrong.refuseIfAny();
        words.save(new AwayWord(given.id(), away.id(), said, clock.instant(), officer.id()));
        revision.touches(away.sawId());
    }

    /** From now on the saw is held until it is set back and proved: nobody here knows what was opened (handbook section 11, rule 5). */
    void back(UUID awayId, TakenIn given) {
        Person person = people.acting();
        Away away = open(awayId);
        Violations wrong = new Violations();
        String done = wrong.text("done", given.done(), GoingChecks.SENTENCE);
        wrong.cents("costCents", given.costCents(), 0, GoingChecks.MOST_CENTS);
        wrong.refuseIfAny();
        Saw saw = fleet.sawInService(fleet.tag(away.sawId()));
        Instant now = clock.instant();
        away.back(done, given.costCents(), now, person.id());
        given.putRight().forEach(fault -> faults.isBack(fault, saw, OwnId.of(given.id(), fault + " back"), done));
        revision.touches(saw.id());
    }

    private Away open(UUID awayId) {
        Away away = aways.findById(awayId).orElseThrow(() -> Refusal.gone("away.unknown"));
        if (away.backAt() != null) {
            throw Refusal.conflict("", "away.back", fleet.tag(away.sawId()));
        }
        return away;
    }
}
