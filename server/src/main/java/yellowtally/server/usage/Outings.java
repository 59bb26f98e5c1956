package yellowtally.server.usage;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.ListCrudRepository;

/** Store of outings. */
public interface Outings extends ListCrudRepository<Outing, UUID> {

    Optional<Outing> findByOpenSawId(UUID sawId);

    List<Outing> findByOpenSawIdNotNull();
}
