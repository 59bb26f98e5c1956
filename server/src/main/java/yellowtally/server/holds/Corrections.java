package yellowtally.server.holds;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowtally.core.fitness.MoreUsable;
import yellowtally.core.fitness.SawAccount;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.Waiting;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.WatchesSaws;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.usage.Outings;

/**
 * Whatever takes something back that stands: it needs the rank of what it does. What makes a saw less usable anybody may do, what
 * makes it more usable needs an officer (handbook section 11, rule 3). Runs within the caller's transaction.
 */
@Service
public class Corrections implements WatchesSaws {

    private final Standings standings;
    private final People people;
    private final Fleet fleet;
    private final Outings outings;
    private final FleetRevision revision;
    private final EntityManager records;

    Corrections(
            Standings standings,
            People people,
            Fleet fleet,
            Outings outings,
            FleetRevision revision,
            EntityManager records) {
        this.standings = standings;
        this.people = people;
        this.fleet = fleet;
        this.outings = outings;
        this.revision = revision;
        this.records = records;
    }

    /**
     * What a correction does to a saw.
     *
     * @param gained what would wait no more
     * @param lost what would wait from then on
     */
    public record SawEffect(String tag, FitState before, FitState after, List<Waiting> gained, List<Waiting> lost) {}

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
        Effect effect = effect(saws, failure, correction);
        if (effect.officer()) {
            people.requireOfficer(by.id());
        }
        return effect;
    }

    @Override
    public boolean out(Saw saw) {
        return outings.findByOpenSawId(saw.id()).isPresent();
    }

    @Override
    public void change(Saw saw, Person by, Runnable change) {
        make(List.of(saw.id()), by, false, change);
    }

    /** Does it and says what came of it. */
    public Effect effect(Collection<UUID> saws, boolean failure, Runnable correction) {
        List<Saw> touched = saws.stream().distinct().sorted().map(fleet::byId).toList();
        // A retired saw stands nowhere: what is taken back of it counts when it comes back, so that an officer looks at
        // it.
        boolean retired = touched.stream().anyMatch(saw -> saw.retiredAt() != null);
        List<Saw> inService =
                touched.stream().filter(saw -> saw.retiredAt() == null).toList();
        List<SawAccount> before = accounts(inService);
        correction.run();
        records.flush();
        List<SawAccount> after = accounts(inService);
        List<SawEffect> effects = new ArrayList<>();
        for (int i = 0; i < inService.size(); i++) {
            revision.touches(inService.get(i).id());
            effects.add(new SawEffect(
                    inService.get(i).tag(),
                    before.get(i).state(),
                    after.get(i).state(),
                    MoreUsable.gained(before.get(i), after.get(i)),
                    MoreUsable.lost(before.get(i), after.get(i))));
        }
        return new Effect(
                List.copyOf(effects),
                failure
                        || retired
                        || effects.stream().anyMatch(effect -> !effect.gained().isEmpty()));
    }

    private List<SawAccount> accounts(List<Saw> saws) {
        return saws.stream().map(saw -> standings.of(saw).account()).toList();
    }
}
