package yellowtally.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;

/** The stores of visits. */
final class VisitStores {

    private VisitStores() {}

    interface Visits extends ListCrudRepository<Visit, UUID> {
        Optional<Visit> findByOpenSawId(UUID sawId);
    }

    interface Steps extends ListCrudRepository<VisitStep, VisitStep.Place> {
        @Query("select s from VisitStep s where s.place.visitId = :visit")
        List<VisitStep> ofVisit(UUID visit);
    }
}
