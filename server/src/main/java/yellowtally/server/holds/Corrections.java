package yellowtally.server.holds;

import jakarta.persistence.EntityManager;
import java.util.List;
import org.springframework.stereotype.Service;
import yellowtally.core.fitness.MoreUsable;
import yellowtally.core.fitness.SawAccount;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.Waiting;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.WatchesSaws;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.standing.Standings;

/**
 * Whatever takes something back that stands: it needs the rank of what it does. What makes a saw less usable anybody may do, what
 * makes it more usable needs an officer (handbook section 11, rule 3). Runs within the caller's transaction.
 */
@Service
public class Corrections implements WatchesSaws {

    private final Standings standings;
    private final People people;
    private final EntityManager records;

    Corrections(Standings standings, People people, EntityManager records) {
        this.standings = standings;
        this.people = people;
        this.records = records;
    }

    /**
     * What a correction does to a saw.
     *
     * @param gained what would wait no more
     * @param lost what would wait from then on
     * @param officer whether an officer has to do it
     */
    public record Effect(FitState before, FitState after, List<Waiting> gained, List<Waiting> lost, boolean officer) {}

    /**
     * Does it, and refuses it where the person has not the rank.
     *
     * @param failure whether what is taken back held the saw by itself
     */
    public Effect make(Saw saw, Person by, boolean failure, Runnable correction) {
        Effect effect = effect(saw, failure, correction);
        if (effect.officer()) {
            people.requireOfficer(by.id());
        }
        return effect;
    }

    @Override
    public void change(Saw saw, Person by, Runnable change) {
        make(saw, by, false, change);
    }

    /** Does it and says what came of it. */
    public Effect effect(Saw saw, boolean failure, Runnable correction) {
        SawAccount before = standings.of(saw).account();
        correction.run();
        records.flush();
        SawAccount after = standings.of(saw).account();
        List<Waiting> gained = MoreUsable.gained(before, after);
        return new Effect(
                before.state(), after.state(), gained, MoreUsable.lost(before, after), failure || !gained.isEmpty());
    }
}
