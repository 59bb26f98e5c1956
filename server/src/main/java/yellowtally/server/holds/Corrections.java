package yellowtally.server.holds;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.fitness.MoreUsable;
import yellowtally.core.fitness.SawAccount;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.StepHolds;
import yellowtally.core.waiting.Waiting;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.WatchesSaws;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.usage.Outings;
import yellowtally.server.worklog.SawHold;
import yellowtally.server.worklog.Worklog;

/**
 * Whatever takes something back that stands: it needs the rank of what it does. What makes a saw less usable anybody may do, what
 * makes it more usable needs an officer (handbook section 11, rule 3). Runs within the caller's transaction.
 */
@Service
public class Corrections implements WatchesSaws {

    private static final String ANEW = "What held it was taken back: looked at anew first";

    private final Standings standings;
    private final Fleet fleet;
    private final Outings outings;
    private final Worklog worklog;
    private final FleetRevision revision;
    private final EntityManager records;
    private final Clock clock;

    Corrections(
            Standings standings,
            Fleet fleet,
            Outings outings,
            Worklog worklog,
            FleetRevision revision,
            EntityManager records,
            Clock clock) {
        this.standings = standings;
        this.fleet = fleet;
        this.outings = outings;
        this.worklog = worklog;
        this.revision = revision;
        this.records = records;
        this.clock = clock;
    }

    /**
     * What a correction does to a saw.
     *
     * @param gained what would wait no more
     * @param lost what would wait from then on
     */
    public record SawEffect(
            String tag, Power power, FitState before, FitState after, List<Waiting> gained, List<Waiting> lost) {}

    /**
     * What a correction does.
     *
     * @param saws those in service that it touches
     * @param officer whether an officer has to do it
     */
    public record Effect(List<SawEffect> saws, boolean officer) {}

    /**
     * Does it, and refuses it where the person has not the rank.
     *
     * @param saws those that it touches: that of the record, and those on which its parts hang by now
     * @param failure whether what is taken back held a saw by itself
     */
    public Effect make(Collection<UUID> saws, Person by, boolean failure, Runnable correction) {
        return ranked(effect(saws, by.id(), failure, correction), by);
    }

    /** The same of a reading that another takes the place of: that one proves by itself, or does not. */
    public Effect amend(Collection<UUID> saws, Person by, Runnable correction) {
        return ranked(effect(saws, null, false, correction), by);
    }

    private Effect ranked(Effect effect, Person by) {
        if (effect.officer()) {
            People.refuseUnlessOfficer(by);
        }
        return effect;
    }

    @Override
    public boolean out(Saw saw) {
        return outings.findByOpenSawId(saw.id()).isPresent();
    }

    @Override
    public boolean outWith(UUID crewId) {
        return outings.open().stream().anyMatch(outing -> outing.crewId().equals(crewId));
    }

    @Override
    public void change(Saw saw, Person by, Runnable change) {
        make(List.of(saw.id()), by, false, change);
    }

    /**
     * Does it and says what came of it. What held a saw holds on until it is looked at anew.
     *
     * @param by in whose name it holds on; absent where another proof takes the place of the one that is taken back
     */
    public Effect effect(Collection<UUID> saws, @Nullable UUID by, boolean failure, Runnable correction) {
        List<Saw> touched = saws.stream().distinct().sorted().map(fleet::byId).toList();
        // A retired saw stands nowhere; what is taken back of it counts when it comes back.
        boolean retired = touched.stream().anyMatch(saw -> saw.retiredAt() != null);
        List<Saw> inService =
                touched.stream().filter(saw -> saw.retiredAt() == null).toList();
        List<SawAccount> before = accounts(inService);
        correction.run();
        records.flush();
        List<SawEffect> effects = new ArrayList<>();
        for (int i = 0; i < inService.size(); i++) {
            Saw saw = inService.get(i);
            revision.touches(saw.id());
            Standing after = standings.of(saw);
            if (by != null && holdOn(saw, MoreUsable.lifted(before.get(i), after.account()), after.profile(), by)) {
                after = standings.of(saw);
            }
            effects.add(new SawEffect(
                    saw.tag(),
                    after.profile().power(),
                    before.get(i).state(),
                    after.account().state(),
                    MoreUsable.gained(before.get(i), after.account()),
                    MoreUsable.lost(before.get(i), after.account())));
        }
        return new Effect(
                List.copyOf(effects),
                failure
                        || retired
                        || effects.stream().anyMatch(effect -> !effect.gained().isEmpty()));
    }

    /** A hold that is written down stays by itself; what was only worked out of the records is held on by who took them back. */
    private boolean holdOn(Saw saw, Collection<Waiting> lifted, SawProfile profile, UUID by) {
        List<SawHold> open = worklog.openHolds(saw.id());
        Set<Step> steps = EnumSet.noneOf(Step.class);
        lifted.stream()
                .filter(waits -> !(waits instanceof StepHolds)
                        && open.stream().noneMatch(hold -> hold.findings().contains(waits.finding())))
                .forEach(waits -> steps.addAll(waits.lookedAtBy()));
        steps.removeIf(step -> !step.appliesTo(profile));
        open.forEach(hold -> steps.remove(hold.step()));
        steps.forEach(step -> worklog.hold(new SawHold(UUID.randomUUID(), saw.id(), step, ANEW, clock.instant(), by)));
        if (!steps.isEmpty()) {
            records.flush();
        }
        return !steps.isEmpty();
    }

    private List<SawAccount> accounts(List<Saw> saws) {
        return saws.stream().map(saw -> standings.of(saw).account()).toList();
    }
}
