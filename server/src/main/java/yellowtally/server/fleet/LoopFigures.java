package yellowtally.server.fleet;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowtally.server.people.Person;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Tells anew what the maker of a loop says of it. Runs within the caller's transaction. */
@Service
public class LoopFigures {

    private final EntityManager records;
    private final PartFinder finder;
    private final FleetRevision revision;
    private final HouseUnits house;
    private final Clock clock;

    LoopFigures(EntityManager records, PartFinder finder, FleetRevision revision, HouseUnits house, Clock clock) {
        this.records = records;
        this.finder = finder;
        this.revision = revision;
        this.house = house;
        this.clock = clock;
    }

    /**
     * From now on the loop is judged by these figures; what they held before stays held until it is proved (handbook section 11,
     * rule 4).
     */
    public void tell(UUID id, String tag, OfItsMaker.Typed typed, Person person, String reason) {
        if (!(finder.tagged(tag) instanceof Chain chain)) {
            throw Refusal.conflict("", "part.noLoop", tag);
        }
        Violations wrong = new Violations();
        OfItsMaker after = OfItsMaker.read(typed, house.lengthUnit(), "", wrong);
        String why = wrong.text("reason", reason, 300);
        wrong.refuseIfAny();
        OfItsMaker before = chain.ofItsMaker();
        if (after.equals(before)) {
            throw Refusal.conflict("", "chain.sameFigures", chain.tag());
        }
        UUID saw = chain.sawId();
        if (saw == null) {
            revision.touchesNone();
        } else {
            revision.touches(saw);
        }
        chain.madeAs(after);
        records.persist(new LoopChange(id, chain.id(), clock.instant(), person.id(), why, before, after));
    }

    /** What was told anew of a loop, in order of time. */
    public List<LoopChange> changesOf(UUID chainId) {
        return records.createQuery(
                        "select c from LoopChange c where c.chainId = :chain order by c.at", LoopChange.class)
                .setParameter("chain", chainId)
                .getResultList();
    }
}
