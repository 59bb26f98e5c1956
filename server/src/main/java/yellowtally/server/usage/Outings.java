package yellowtally.server.usage;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;

/** Store of outings. */
public interface Outings extends ListCrudRepository<Outing, UUID> {

    Optional<Outing> findByOpenSawId(UUID sawId);

    /** From the saws to what each has open: the outings of all years are not gone through. */
    @Query("select o from Saw s join Outing o on o.openSawId = s.id")
    List<Outing> open();

    Optional<Outing> findFirstBySawIdAndBackAtNotNullOrderByBackAtDesc(UUID sawId);

    @Query("select new yellowtally.server.usage.Refuelled(r.outingId, count(r), count(r.oilShare),"
            + " sum(r.oilShare)) from Refuel r where r.outingId in :outings group by r.outingId")
    List<Refuelled> refuels(Collection<UUID> outings);
}
