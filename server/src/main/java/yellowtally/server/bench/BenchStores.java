package yellowtally.server.bench;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;
import org.springframework.data.repository.Repository;
import yellowtally.core.tension.TensionMethod;
import yellowtally.server.fleet.Saw;

/** The stores of the bench room. */
final class BenchStores {

    private BenchStores() {}

    interface Checks extends ListCrudRepository<TensionCheck, UUID> {

        List<TensionCheck> findBySawIdOrderByAtDescRecordedAtDesc(UUID sawId, Limit limit);

        Optional<TensionCheck> findByAmendsId(UUID id);

        /** Checks of a saw on one fitting that no later check amends, latest first. */
        @Query("""
                select t from TensionCheck t where t.sawId = :sawId and t.fittingId = :fittingId
                and not exists (select 1 from TensionCheck a where a.amendsId = t.id)
                order by t.at desc, t.recordedAt desc""")
        List<TensionCheck> latestValid(UUID sawId, UUID fittingId);
    }

    interface Readings extends ListCrudRepository<TensionReadingRow, TensionReadingRow.Place> {
        @Query("select r from TensionReadingRow r where r.place.checkId in :checks order by r.place.seq")
        List<TensionReadingRow> ofChecks(Collection<UUID> checks);
    }

    interface Holds extends ListCrudRepository<Hold, UUID> {
        @Query("select h from Hold h where not exists (select 1 from HoldRelease r where r.holdId = h.id)")
        List<Hold> open();

        @Query("""
                select h from Hold h where h.sawId = :sawId
                and not exists (select 1 from HoldRelease r where r.holdId = h.id)""")
        List<Hold> openOf(UUID sawId);
    }

    interface Calibrations extends ListCrudRepository<ScaleCalibrationRecord, UUID> {
        List<ScaleCalibrationRecord> findByMethod(TensionMethod method);
    }

    /** Saws in service with what hangs on them. */
    interface FittedSaws extends Repository<Saw, UUID> {
        @Query("""
                select new yellowtally.server.bench.FittedSaw(s, c, b, p, f) from Saw s
                left join Chain c on c.sawId = s.id
                left join Bar b on b.sawId = s.id
                left join Sprocket p on p.sawId = s.id
                left join SetFitting f on f.id = s.fittingId
                where s.retiredAt is null order by s.tag""")
        List<FittedSaw> inService();
    }
}
