package yellowtally.server.parts;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.steps.Subject;

/** Where a part has been: read off the fitting records, which are never changed. */
@Component
class Lineage {

    private final EntityManager records;

    Lineage(EntityManager records) {
        this.records = records;
    }

    /**
     * One stay of a part on a saw.
     *
     * @param until absent while it hangs there
     * @param sprocketId the sprocket that it ran with at first; absent for none
     * @param tanks burned with it there
     */
    record Stay(
            UUID sawId,
            Instant from,
            @Nullable Instant until,
            @Nullable UUID sprocketId,
            double tanks) {}

    /** Which of how many loops a chain was on a sprocket. */
    record Place(int number, int of) {}

    /** All stays, first one first. */
    List<Stay> stays(UUID partId, Subject kind) {
        return records.createQuery("""
                        select new yellowtally.server.parts.Lineage$Stay(p.sawId, p.since, p.until, p.sprocketId,
                            (select coalesce(sum(o.tanks), 0.0) from Outing o where o.%s = p.partId
                             and o.sawId = p.sawId and o.backAt >= p.since and (p.until is null or o.backAt <= p.until)))
                        from PartFitting p where p.partId = :part order by p.since""".formatted(column(kind)), Stay.class)
                .setParameter("part", partId)
                .getResultList();
    }

    /** Which loop of a sprocket a chain is, by the order in which they came on; absent when it never ran on it. */
    @Nullable
    Place placeOnSprocket(UUID chainId, UUID sprocketId) {
        List<UUID> order = loopsOf(sprocketId);
        int number = order.indexOf(chainId) + 1;
        return number == 0 ? null : new Place(number, order.size());
    }

    /**
     * Loops of a sprocket, in the order in which they came on: those that were out with it, and the one that hangs with it
     * now. A loop that only waited on the bench while one part after another was changed is none.
     */
    List<UUID> loopsOf(UUID sprocketId) {
        List<UUID> loops = records.createQuery(
                        "select f.chainId from SetFitting f where f.sprocketId = :sprocket and f.chainId is not null"
                                + " and (exists (select 1 from Outing o where o.sprocketId = f.sprocketId"
                                + " and o.chainId = f.chainId)"
                                + " or exists (select 1 from Chain c, Sprocket s where c.id = f.chainId"
                                + " and s.id = f.sprocketId and c.sawId = s.sawId))"
                                + " order by f.at, f.recordedAt",
                        UUID.class)
                .setParameter("sprocket", sprocketId)
                .getResultList();
        return loops.stream().distinct().toList();
    }

    private static String column(Subject kind) {
        return switch (kind) {
            case CHAIN -> "chainId";
            case BAR -> "barId";
            case SPROCKET -> "sprocketId";
            case SAW -> throw new IllegalArgumentException("a saw is no part");
        };
    }
}
