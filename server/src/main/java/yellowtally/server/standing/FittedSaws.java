package yellowtally.server.standing;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;
import yellowtally.server.fleet.Saw;

/** Saws in service with what hangs on them. */
interface FittedSaws extends Repository<Saw, UUID> {
    @Query("""
            select new yellowtally.server.standing.FittedSaw(s, c, b, p, f) from Saw s
            left join Chain c on c.sawId = s.id
            left join Bar b on b.sawId = s.id
            left join Sprocket p on p.sawId = s.id
            left join SetFitting f on f.id = s.fittingId
            where s.retiredAt is null""")
    List<FittedSaw> inService();

    @Query("""
            select new yellowtally.server.standing.FittedSaw(s, c, b, p, f) from Saw s
            left join Chain c on c.sawId = s.id
            left join Bar b on b.sawId = s.id
            left join Sprocket p on p.sawId = s.id
            left join SetFitting f on f.id = s.fittingId
            where s.retiredAt is null and s.id in :ids""")
    List<FittedSaw> inService(Collection<UUID> ids);

    @Query("select s from Saw s where s.id = :id")
    Saw saw(UUID id);
}
