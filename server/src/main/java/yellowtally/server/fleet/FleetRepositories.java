package yellowtally.server.fleet;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;

/** The repositories of the fleet room. */
final class FleetRepositories {

    private FleetRepositories() {}

    interface Saws extends ListCrudRepository<Saw, UUID> {
        @Query("select s from Saw s left join fetch s.details.model where s.retiredAt is null")
        List<Saw> findByRetiredAtNull();

        @Query("select s from Saw s where s.tagKey = upper(:tag)")
        Optional<Saw> findByTag(String tag);

        @Query("select s.id, s.tag, s.details.power from Saw s")
        List<Fleet.SawName> names();
    }

    interface FormerTags extends ListCrudRepository<FormerTag, String> {
        List<FormerTag> findBySawId(UUID sawId);
    }

    interface Parts extends ListCrudRepository<Part, UUID> {
        @Query("select p from Part p where p.tagKey = upper(:tag)")
        Optional<Part> findByTag(String tag);

        @Query(nativeQuery = true, value = "select tag from part where tag_key = upper(:tag) for update")
        List<String> waitFor(String tag);

        @Query(nativeQuery = true, value = "select tag from part where id = :id for update")
        List<String> waitFor(UUID id);

        /** For a write: as it is once no other write that claims it is under way. */
        default Optional<Part> claimed(String tag) {
            waitFor(tag);
            return findByTag(tag);
        }

        default Optional<Part> claimed(UUID id) {
            waitFor(id);
            return findById(id);
        }

        List<Part> findBySawId(UUID sawId);

        List<Part> findAllByOrderByTag();

        @Query("select p.tag from Part p")
        List<String> tags();

        @Query("select distinct p.sawId from Part p where p.id in :ids and p.sawId is not null")
        List<UUID> hangingOn(Collection<UUID> ids);

        /** Loops on the shelf, each with whether it was ever fitted. */
        @Query("select c, exists (select 1 from SetFitting f where f.chainId = c.id) from Chain c"
                + " where c.sawId is null and c.retiredAt is null order by c.tag")
        List<Fleet.LoopOnShelf> loopsOnShelf();

        @Query("select p.id, p.tag from Part p where p.id in :ids")
        List<Fleet.PartName> names(Collection<UUID> ids);
    }

    interface Crews extends ListCrudRepository<Crew, UUID> {
        List<Crew> findAllByOrderByName();
    }

    interface Fittings extends ListCrudRepository<SetFitting, UUID> {
        List<SetFitting> findBySawIdOrderByAtDesc(UUID sawId);

        Optional<SetFitting> findFirstBySawIdAndAtLessThanEqualOrderByAtDesc(UUID sawId, Instant at);

        Optional<SetFitting> findFirstBySawIdOrderByAtAsc(UUID sawId);
    }
}
