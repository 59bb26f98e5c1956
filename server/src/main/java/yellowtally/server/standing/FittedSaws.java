package yellowtally.server.standing;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowtally.server.fleet.Part;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.SetFitting;

/** Saws in service with what hangs on them. */
@Component
class FittedSaws {

    private final EntityManager records;

    FittedSaws(EntityManager records) {
        this.records = records;
    }

    /** All of them. */
    List<FittedSaw> inService() {
        return fitted(records.createQuery(
                        "select s from Saw s join fetch s.details.model where s.retiredAt is null", Saw.class)
                .getResultList());
    }

    /** Those of these that are in service. */
    List<FittedSaw> inService(Collection<UUID> ids) {
        return fitted(records.createQuery(
                        "select s from Saw s join fetch s.details.model where s.retiredAt is null and s.id in :ids",
                        Saw.class)
                .setParameter("ids", ids)
                .getResultList());
    }

    /** A saw, retired or not. */
    Saw saw(UUID id) {
        return records.find(Saw.class, id);
    }

    private List<FittedSaw> fitted(List<Saw> saws) {
        Map<UUID, List<Part>> hanging = new HashMap<>();
        records.createQuery("select p from Part p where p.sawId in :saws", Part.class)
                .setParameter("saws", saws.stream().map(Saw::id).toList())
                .getResultList()
                .forEach(part -> Optional.ofNullable(part.sawId())
                        .ifPresent(saw -> hanging.computeIfAbsent(saw, id -> new ArrayList<>())
                                .add(part)));
        Map<UUID, SetFitting> fittings = new HashMap<>();
        records.createQuery("select f from SetFitting f where f.id in :ids", SetFitting.class)
                .setParameter(
                        "ids",
                        saws.stream()
                                .flatMap(saw -> Optional.ofNullable(saw.fittingId()).stream())
                                .toList())
                .getResultList()
                .forEach(fitting -> fittings.put(fitting.id(), fitting));
        return saws.stream()
                .map(saw -> FittedSaw.of(
                        saw,
                        hanging.getOrDefault(saw.id(), List.of()),
                        saw.fittingId() == null ? null : fittings.get(saw.fittingId())))
                .toList();
    }
}
