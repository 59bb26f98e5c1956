package yellowtally.server.standing;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.cuttingset.BarSpec;
import yellowtally.core.cuttingset.CutterSequence;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.cuttingset.SprocketKind;
import yellowtally.core.cuttingset.SprocketSpec;
import yellowtally.core.steps.Subject;
import yellowtally.server.fleet.Loop;
import yellowtally.server.fleet.Model;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.SawValue;
import yellowtally.server.standing.FittedSaw.Hung;

/**
 * Saws in service with what hangs on them. Read as values, never as rows of the session: a session may hold a saw as it was
 * before another one changed it.
 */
@Component
class FittedSaws {

    private final EntityManager records;

    FittedSaws(EntityManager records) {
        this.records = records;
    }

    /** A loop as it hangs on a saw. */
    record ChainRow(
            UUID sawId,
            UUID id,
            String tag,
            Pitch pitch,
            Gauge gauge,
            int driveLinks,
            CutterSequence sequence,
            @Nullable Double tangDepthMm,
            @Nullable Double newCutterMm) {

        Hung<Loop> hung() {
            LoopSpec spec = new LoopSpec(pitch, gauge, driveLinks);
            return new Hung<>(
                    id, tag, Subject.CHAIN, new Loop(spec, sequence.cutters(driveLinks), tangDepthMm, newCutterMm));
        }
    }

    /** A bar as it hangs on a saw. */
    record BarRow(
            UUID sawId, UUID id, String tag, double lengthMm, Pitch pitch, Gauge gauge, int driveLinks, NoseKind nose) {

        Hung<BarSpec> hung() {
            return new Hung<>(id, tag, Subject.BAR, new BarSpec(lengthMm, pitch, gauge, driveLinks, nose));
        }
    }

    /** A sprocket as it hangs on a saw. */
    record SprocketRow(UUID sawId, UUID id, String tag, SprocketKind kind, int teeth, Pitch pitch) {

        Hung<SprocketSpec> hung() {
            return new Hung<>(id, tag, Subject.SPROCKET, new SprocketSpec(kind, teeth, pitch));
        }
    }

    /** When the set of a saw was fitted. */
    record FittingRow(UUID sawId, Instant at, boolean newChain) {}

    /** All of them. */
    List<FittedSaw> inService() {
        return fitted(records.createQuery("select s.id from Saw s where s.retiredAt is null", UUID.class)
                .getResultList());
    }

    /** Which there are, whatever else can be read of them. */
    Map<UUID, String> tagsInService() {
        Map<UUID, String> tags = new LinkedHashMap<>();
        records.createQuery("select s.id, s.tag from Saw s where s.retiredAt is null order by s.tag", Object[].class)
                .getResultList()
                .forEach(row -> tags.put((UUID) row[0], (String) row[1]));
        return tags;
    }

    /** Those of these that are in service. */
    List<FittedSaw> inService(Collection<UUID> ids) {
        return fitted(
                records.createQuery("select s.id from Saw s where s.retiredAt is null and s.id in :ids", UUID.class)
                        .setParameter("ids", ids)
                        .getResultList());
    }

    /** A saw, retired or not. */
    Saw saw(UUID id) {
        return records.find(Saw.class, id);
    }

    private List<FittedSaw> fitted(List<UUID> saws) {
        // All at once: each saw's own would be asked for one by one.
        records.createQuery("select m from Model m", Model.class).getResultList();
        Map<UUID, ChainRow> chains = new HashMap<>();
        of(saws, ChainRow.class, """
                select c.sawId, c.id, c.tag, c.pitch, c.gauge, c.driveLinks, c.sequence, c.tangDepthMm, c.newCutterMm
                from Chain c where c.sawId in :saws""").forEach(row -> chains.put(row.sawId(), row));
        Map<UUID, BarRow> bars = new HashMap<>();
        of(saws, BarRow.class, """
                select b.sawId, b.id, b.tag, b.lengthMm, b.pitch, b.gauge, b.driveLinks, b.nose
                from Bar b where b.sawId in :saws""").forEach(row -> bars.put(row.sawId(), row));
        Map<UUID, SprocketRow> sprockets = new HashMap<>();
        of(saws, SprocketRow.class, """
                select s.sawId, s.id, s.tag, s.kind, s.teeth, s.pitch from Sprocket s where s.sawId in :saws""").forEach(row -> sprockets.put(row.sawId(), row));
        Map<UUID, FittingRow> fittings = new HashMap<>();
        of(saws, FittingRow.class, """
                select s.id, f.at, f.newChain from Saw s join SetFitting f on f.id = s.fittingId where s.id in :saws""").forEach(row -> fittings.put(row.sawId(), row));
        return of(saws, SawValue.class, "select s.id, s.tag, s.fittingId, s.details from Saw s where s.id in :saws")
                .stream()
                .map(saw -> {
                    ChainRow chain = chains.get(saw.id());
                    BarRow bar = bars.get(saw.id());
                    SprocketRow sprocket = sprockets.get(saw.id());
                    FittingRow fitting = fittings.get(saw.id());
                    return new FittedSaw(
                            saw,
                            chain == null ? null : chain.hung(),
                            bar == null ? null : bar.hung(),
                            sprocket == null ? null : sprocket.hung(),
                            fitting != null && fitting.newChain(),
                            fitting == null ? null : fitting.at());
                })
                .toList();
    }

    private <T> List<T> of(List<UUID> saws, Class<T> rows, String query) {
        return records.createQuery(query, rows).setParameter("saws", saws).getResultList();
    }
}
