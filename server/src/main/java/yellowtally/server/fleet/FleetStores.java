package yellowtally.server.fleet;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.ListCrudRepository;

/** The stores of the fleet room. */
final class FleetStores {

    private FleetStores() {}

    interface Saws extends ListCrudRepository<Saw, UUID> {
        List<Saw> findByRetiredAtNull();

        Optional<Saw> findByTag(String tag);

        boolean existsByTag(String tag);

        List<Saw> findAllByOrderByTag();
    }

    interface Chains extends ListCrudRepository<Chain, UUID> {
        Optional<Chain> findByTag(String tag);

        Optional<Chain> findBySawId(UUID sawId);

        List<Chain> findAllByOrderByTag();
    }

    interface Bars extends ListCrudRepository<Bar, UUID> {
        Optional<Bar> findByTag(String tag);

        Optional<Bar> findBySawId(UUID sawId);

        List<Bar> findAllByOrderByTag();
    }

    interface Sprockets extends ListCrudRepository<Sprocket, UUID> {
        Optional<Sprocket> findByTag(String tag);

        Optional<Sprocket> findBySawId(UUID sawId);

        List<Sprocket> findAllByOrderByTag();
    }

    interface Crews extends ListCrudRepository<Crew, UUID> {
        List<Crew> findAllByOrderByName();
    }

    interface Fittings extends ListCrudRepository<SetFitting, UUID> {
        List<SetFitting> findBySawIdOrderByAtDesc(UUID sawId);
    }
}
