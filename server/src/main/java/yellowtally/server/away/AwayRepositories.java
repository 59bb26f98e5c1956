package yellowtally.server.away;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;
import yellowtally.core.steps.Step;
import yellowtally.server.fleet.Part;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.Worklog;

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

    private static final String LOOKS = "(select count(distinct r.step) from WorkRecord r where r.parts.";
    private static final String SINCE = " = a.partId and r.at > a.backAt and r.outcome in :passing and r.toldOn is null"
            + Worklog.STANDING + " and r.step in ";

    /** Each by an index of its own: of all three at once the database would read every record. */
    private static final String LOOKED_AT = LOOKS + "chainId" + SINCE + ":ofChain) + " + LOOKS + "barId" + SINCE
            + ":ofBar) + " + LOOKS + "sprocketId" + SINCE + ":ofSprocket)";

    /**
     * A part that is away with a word that was said of it, or one that is back with none.
     *
     * @param looks how many of those that it asks for were made on a saw since
     */
    record GoneOrBack(PartAway away, Part part, @Nullable PartAwayWord word, long looks) {}

    interface PartAways extends ListCrudRepository<PartAway, UUID> {
        Optional<PartAway> findByOpenPartId(UUID partId);

        /** Of one part, what went last first. */
        List<PartAway> findByPartIdOrderByAtDesc(UUID partId);

        /**
         * What is away, with all that was said of it, the first first; and what came back last, lies on the shelf, and nobody has
         * looked at there.
         *
         * @param ofChain the looks that a loop asks for, and likewise
         */
        @Query("""
                select a, p, w,\s""" + LOOKED_AT + """

                from PartAway a join Part p on p.id = a.partId
                left join PartAwayWord w on w.awayId = a.id and a.openPartId is not null
                where a.openPartId is not null
                or (p.sawId is null and p.retiredAt is null
                    and not exists (select 1 from PartAway b
                                    where b.partId = a.partId and (b.openPartId is not null or b.backAt > a.backAt))
                    and not exists (select 1 from PartLook l where l.awayId = a.id and l.struckAt is null))
                order by w.at, a.at, p.tag""")
        List<GoneOrBack> goneOrBack(
                Collection<Step> ofChain,
                Collection<Step> ofBar,
                Collection<Step> ofSprocket,
                Collection<WorkOutcome> passing);

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
