package yellowtally.server.worklog;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The holds of a saw with their releases and what each of these stands on. */
@Component
public class HoldHistory {

    private final EntityManager records;

    HoldHistory(EntityManager records) {
        this.records = records;
    }

    /**
     * A hold.
     *
     * @param releases earliest first; more than one where a proof of the first was struck out
     */
    public record Told(SawHold hold, List<Release> releases) {

        /** Whether it was in force at a moment of a span. */
        boolean in(Instant from, Instant before) {
            return hold.at().isBefore(before)
                    && releases.stream()
                            .filter(Release::stands)
                            .noneMatch(release -> release.release().at().isBefore(from));
        }
    }

    /**
     * A release.
     *
     * @param proofs the records it stands on, earliest first
     * @param stands whether all of them do
     */
    public record Release(HoldRelease release, List<WorkRecord> proofs, boolean stands) {}

    /** All that were in force at a moment of a span, earliest first; one that began before it among them. */
    public List<Told> ofSaw(UUID saw, Instant from, Instant before) {
        List<SawHold> holds = records.createQuery(
                        "select h from SawHold h where h.sawId = :saw and h.at < :before order by h.at, h.id",
                        SawHold.class)
                .setParameter("saw", saw)
                .setParameter("before", before)
                .getResultList();
        if (holds.isEmpty()) {
            return List.of();
        }
        List<HoldRelease> releases = records.createQuery(
                        "select distinct r from HoldRelease r left join fetch r.proofs where r.holdId in :holds",
                        HoldRelease.class)
                .setParameter("holds", holds.stream().map(SawHold::id).toList())
                .getResultList();
        Set<UUID> named =
                releases.stream().flatMap(release -> release.proofs().stream()).collect(Collectors.toSet());
        Map<UUID, WorkRecord> proofs = named.isEmpty()
                ? Map.of()
                : records.createQuery("select r from WorkRecord r where r.id in :named", WorkRecord.class)
                        .setParameter("named", named)
                        .getResultStream()
                        .collect(Collectors.toMap(WorkRecord::id, Function.identity()));
        Set<UUID> struck = named.isEmpty()
                ? Set.of()
                : Set.copyOf(
                        records.createQuery("select v.recordId from WorkVoid v where v.recordId in :named", UUID.class)
                                .setParameter("named", named)
                                .getResultList());
        Map<UUID, List<HoldRelease>> byHold = releases.stream()
                .sorted(Comparator.comparing(HoldRelease::at))
                .collect(Collectors.groupingBy(HoldRelease::holdId));
        return holds.stream()
                .map(hold -> new Told(
                        hold,
                        byHold.getOrDefault(hold.id(), List.of()).stream()
                                .map(release -> told(release, proofs, struck))
                                .toList()))
                .filter(told -> told.in(from, before))
                .toList();
    }

    private static Release told(HoldRelease release, Map<UUID, WorkRecord> proofs, Set<UUID> struck) {
        return new Release(
                release,
                release.proofs().stream()
                        .map(proofs::get)
                        .sorted(Comparator.comparing(WorkRecord::at).thenComparing(WorkRecord::seq))
                        .toList(),
                release.proofs().stream().noneMatch(struck::contains));
    }
}
