package yellowtally.server.tension;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;
import yellowtally.core.tension.TensionMethod;

/** The repositories of the tension room. */
final class TensionRepositories {

    private TensionRepositories() {}

    interface Checks extends ListCrudRepository<TensionCheck, UUID> {

        @Query(
                "select new yellowtally.server.tension.CheckOnRecord(c, r) from TensionCheck c join WorkRecord r on r.id = c.id"
                        + " where r.sawId = :saw order by r.at desc, r.seq desc")
        List<CheckOnRecord> ofSaw(UUID saw, Limit limit);

        Optional<TensionCheck> findByAmendsId(UUID id);
    }

    interface Readings extends ListCrudRepository<TensionReadingRow, TensionReadingRow.Place> {
        @Query("select r from TensionReadingRow r where r.place.checkId in :checks order by r.place.seq")
        List<TensionReadingRow> ofChecks(Collection<UUID> checks);
    }

    interface Calibrations extends ListCrudRepository<ScaleCalibrationRecord, UUID> {
        List<ScaleCalibrationRecord> findByMethod(TensionMethod method);
    }
}
