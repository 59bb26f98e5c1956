package yellowtally.server.away;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;

/** The repositories of the room. */
final class AwayRepositories {

    private AwayRepositories() {}

    interface Aways extends ListCrudRepository<Away, UUID> {
        Optional<Away> findByOpenSawId(UUID sawId);

        /** Of one saw, what went last first. */
        List<Away> findBySawIdOrderByAtDesc(UUID sawId);

        /** With whom saws have been, by name. */
        @Query("select distinct a.who from Away a order by a.who")
        List<String> names();
    }

    interface Words extends ListCrudRepository<AwayWord, UUID> {

        /** What was said last comes last. */
        List<AwayWord> findByAwayIdInOrderByAt(Collection<UUID> aways);
    }
}
