package yellowtally.server.fleet;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.ListCrudRepository;

/** The repositories of the fleet room. */
final class FleetRepositories {

    private FleetRepositories() {}

    interface Saws extends ListCrudRepository<Saw, UUID> {
        List<Saw> findByRetiredAtNull();

        Optional<Saw> findByTag(String tag);

        boolean existsByTag(String tag);

        List<Saw> findAllByOrderByTag();
    }

    interface Parts extends ListCrudRepository<Part, UUID> {
        Optional<Part> findByTag(String tag);

        List<Part> findBySawId(UUID sawId);

        List<Part> findAllByOrderByTag();
    }

    interface Crews extends ListCrudRepository<Crew, UUID> {
        List<Crew> findAllByOrderByName();
    }

    interface Fittings extends ListCrudRepository<SetFitting, UUID> {
        List<SetFitting> findBySawIdOrderByAtDesc(UUID sawId);
    }
}
