package yellowtally.server.usage;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.support.Refusal;

/** Entries of outings as they are put right: struck out, another in their place. Runs within the caller's transaction. */
@Service
public class OutingBook {

    private final Outings outings;
    private final Fleet fleet;
    private final EntityManager records;

    OutingBook(Outings outings, Fleet fleet, EntityManager records) {
        this.outings = outings;
        this.fleet = fleet;
        this.records = records;
    }

    public Outing find(UUID id) {
        return outings.findById(id).orElseThrow(() -> Refusal.gone("outing.unknown"));
    }

    /** The same as the database holds it now: asked for once no other write about its saw is under way. */
    public Outing findNow(UUID id) {
        Outing outing = find(id);
        records.refresh(outing);
        return outing;
    }

    /** Those on which the parts hang by now that were out with it, and its own. */
    public List<UUID> saws(Outing outing) {
        List<UUID> saws = new ArrayList<>(List.of(outing.sawId()));
        saws.addAll(fleet.hangingOn(outing.chainId(), outing.barId(), outing.sprocketId()));
        return saws;
    }

    /** Puts an entry in the place of a struck one; what was logged while it is out is logged of the new one. */
    public void replace(Outing struck, Outing by) {
        records.flush();
        records.persist(by.amending(struck.id()));
        if (by.open()) {
            logged(struck).forEach(refuel -> records.persist(refuel.under(UUID.randomUUID(), by.id())));
        }
        records.flush();
    }

    /** Strikes the last tank out that was logged of a saw that is out. */
    void takeBackRefuel(Outing outing, Instant at, UUID personId) {
        Collection<Refuel> logged = logged(outing);
        Refuel last = logged.stream()
                .reduce((first, second) -> second)
                .orElseThrow(() -> Refusal.conflict("", "outing.noRefuel"));
        last.strike(at, personId);
    }

    private List<Refuel> logged(Outing outing) {
        return records.createQuery(
                        "select r from Refuel r where r.outingId = :outing and r.struckAt is null order by r.at, r.id",
                        Refuel.class)
                .setParameter("outing", outing.id())
                .getResultList();
    }
}
