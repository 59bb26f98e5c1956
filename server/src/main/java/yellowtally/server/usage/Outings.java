package yellowtally.server.usage;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;

/** Store of outings. */
public interface Outings extends ListCrudRepository<Outing, UUID> {

    Optional<Outing> findByOpenSawId(UUID sawId);

    List<Outing> findByOpenSawIdNotNull();

    /** Outings that ended, of every loop that hangs on a saw now. */
    @Query("""
            select new yellowtally.server.usage.EndedOuting(o.chainId, o.fittingId, o.backAt, o.tanks)
            from Outing o join Chain c on c.id = o.chainId
            where c.sawId is not null and o.backAt is not null""")
    List<EndedOuting> endedOfFittedChains();

    /** The same for one loop. */
    @Query("""
            select new yellowtally.server.usage.EndedOuting(o.chainId, o.fittingId, o.backAt, o.tanks)
            from Outing o where o.chainId = :chainId and o.backAt is not null""")
    List<EndedOuting> endedOfChain(UUID chainId);
}
