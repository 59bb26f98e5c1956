package yellowtally.server.away;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;
import yellowtally.server.fleet.Part;

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

    /**
     * A part that is away with a word that was said of it, or one that is back with none.
     *
     * @param fitted whether it was on a saw since it is back
     */
    record GoneOrBack(PartAway away, Part part, @Nullable PartAwayWord word, boolean fitted) {}

    interface PartAways extends ListCrudRepository<PartAway, UUID> {
        Optional<PartAway> findByOpenPartId(UUID partId);

        /** Of one part, what went last first. */
        List<PartAway> findByPartIdOrderByAtDesc(UUID partId);

        /**
         * What is away, with all that was said of it, the first first; and what came back last, lies on the shelf, and nobody has
         * looked at there.
         */
        @Query("""
                select a, p, w, exists (select 1 from SetFitting f where f.at > a.backAt
                        and (f.chainId = a.partId or f.barId = a.partId or f.sprocketId = a.partId))
                from PartAway a join Part p on p.id = a.partId
                left join PartAwayWord w on w.awayId = a.id and a.openPartId is not null
                where a.openPartId is not null
                or (p.sawId is null and p.retiredAt is null
                    and not exists (select 1 from PartAway b
                                    where b.partId = a.partId and (b.openPartId is not null or b.backAt > a.backAt))
                    and not exists (select 1 from PartLook l where l.awayId = a.id and l.struckAt is null))
                order by w.at, a.at, p.tag""")
        List<GoneOrBack> goneOrBack();

        /** With whom parts have been, by name. */
        @Query("select distinct a.who from PartAway a order by a.who")
        List<String> names();
    }

    interface PartWords extends ListCrudRepository<PartAwayWord, UUID> {

        /** What was said last comes last. */
        List<PartAwayWord> findByAwayIdInOrderByAt(Collection<UUID> aways);
    }

    interface Looks extends ListCrudRepository<PartLook, UUID> {

        /** The first look first. */
        List<PartLook> findByAwayIdInOrderByAt(Collection<UUID> aways);
    }

    interface Words extends ListCrudRepository<AwayWord, UUID> {

        /** What was said last comes last. */
        List<AwayWord> findByAwayIdInOrderByAt(Collection<UUID> aways);
    }
}
