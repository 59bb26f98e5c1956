package yellowtally.server.usage;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;
import yellowtally.core.oiling.FilledOut;

/** Store of outings. */
public interface Outings extends ListCrudRepository<Outing, UUID> {

    /** What was struck out does not stand; of an outing {@code o}. */
    String STANDING = " and o.struckAt is null";

    /** Of an outing that is under way nobody knows when it ends. */
    Instant NO_END = Instant.parse("9999-01-01T00:00:00Z");

    Optional<Outing> findByOpenSawId(UUID sawId);

    /** What is under way, what went first first. */
    default List<Outing> open() {
        return openFrom(new UUID(0, 0));
    }

    /** From one saw's id on, and so by the index of what is open: the outings of all years are not gone through. */
    @Query("select o from Outing o where o.openSawId >= :first order by o.outAt")
    List<Outing> openFrom(UUID first);

    Optional<Outing> findFirstBySawIdAndBackAtNotNullAndStruckAtNullOrderByBackAtDesc(UUID sawId);

    /** Whether a saw was out at any moment from {@code from} to {@code until}, another entry than {@code but} says. */
    @Query("select count(o) > 0 from Outing o where o.sawId = :saw and o.id <> :but and o.outAt < :until"
            + " and (o.backAt is null or o.backAt > :from)" + STANDING)
    boolean wasOut(UUID saw, UUID but, Instant from, Instant until);

    @Query("select new yellowtally.server.usage.Refuelled(r.outingId, count(r), count(r.oilShare),"
            + " sum(r.oilShare)) from Refuel r where r.outingId in :outings"
            + " and r.struckAt is null group by r.outingId")
    List<Refuelled> refuels(Collection<UUID> outings);

    /** What was logged while one outing was under way. */
    default FilledOut refuels(Outing outing) {
        return refuels(List.of(outing.id())).stream()
                .findFirst()
                .orElse(Refuelled.none(outing.id()))
                .filled();
    }
}
