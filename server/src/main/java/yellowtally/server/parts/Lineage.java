package yellowtally.server.parts;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.steps.Subject;
import yellowtally.server.fleet.SetFitting;
import yellowtally.server.usage.Outings;

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
        List<SetFitting> with = records.createQuery(
                        "select f from SetFitting f where f.sawId in (select g.sawId from SetFitting g where g."
                                + column(kind) + " = :part) order by f.at, f.recordedAt",
                        SetFitting.class)
                .setParameter("part", partId)
                .getResultList();
        List<Stay> stays = new ArrayList<>();
        Open open = null;
        for (SetFitting fitting : with) {
            boolean on = partId.equals(id(fitting, kind));
            if (open != null && fitting.sawId().equals(open.sawId()) != on) {
                stays.add(open.until(fitting.at(), tanks(partId, kind, open.sawId(), open.from(), fitting.at())));
                open = null;
            }
            if (on && open == null) {
                open = new Open(fitting.sawId(), fitting.at(), fitting.sprocketId());
            }
        }
        if (open != null) {
            stays.add(open.until(null, tanks(partId, kind, open.sawId(), open.from(), null)));
        }
        return stays;
    }

    private record Open(UUID sawId, Instant from, @Nullable UUID sprocketId) {
        Stay until(@Nullable Instant end, double tanks) {
            return new Stay(sawId, from, end, sprocketId, tanks);
        }
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
                                + " and o.chainId = f.chainId" + Outings.STANDING + ")"
                                + " or exists (select 1 from Chain c, Sprocket s where c.id = f.chainId"
                                + " and s.id = f.sprocketId and c.sawId = s.sawId))"
                                + " order by f.at, f.recordedAt",
                        UUID.class)
                .setParameter("sprocket", sprocketId)
                .getResultList();
        return loops.stream().distinct().toList();
    }

    private double tanks(UUID partId, Subject kind, UUID sawId, Instant from, @Nullable Instant until) {
        Double sum = records.createQuery(
                        "select sum(o.tanks) from Outing o where o." + column(kind) + " = :part and o.sawId = :saw"
                                + " and o.backAt >= :from and o.backAt <= :until" + Outings.STANDING,
                        Double.class)
                .setParameter("part", partId)
                .setParameter("saw", sawId)
                .setParameter("from", from)
                .setParameter("until", until == null ? Instant.parse("9999-01-01T00:00:00Z") : until)
                .getSingleResult();
        return sum == null ? 0 : sum;
    }

    private static String column(Subject kind) {
        return switch (kind) {
            case CHAIN -> "chainId";
            case BAR -> "barId";
            case SPROCKET -> "sprocketId";
            case SAW -> throw new IllegalArgumentException("a saw is no part");
        };
    }

    private static @Nullable UUID id(SetFitting fitting, Subject kind) {
        return switch (kind) {
            case CHAIN -> fitting.chainId();
            case BAR -> fitting.barId();
            default -> fitting.sprocketId();
        };
    }
}
