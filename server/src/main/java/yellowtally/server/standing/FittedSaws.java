package yellowtally.server.standing;

import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
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
import yellowtally.server.fleet.OfItsMaker;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.SawDetails;
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

    /** A saw and what hangs on it; what is told of a part is absent where none hangs. */
    record HangingRow(
            UUID id,
            String tag,
            @Nullable UUID fittingId,
            SawDetails details,
            @Nullable UUID chainId,
            @Nullable String chainTag,
            @Nullable Pitch chainPitch,
            @Nullable Gauge chainGauge,
            @Nullable Integer chainLinks,
            @Nullable CutterSequence sequence,
            @Nullable Double tangDepthMm,
            @Nullable Double newCutterMm,
            @Nullable Double wearMarkMm,
            @Nullable Double fileMm,
            @Nullable UUID barId,
            @Nullable String barTag,
            @Nullable Double lengthMm,
            @Nullable Pitch barPitch,
            @Nullable Gauge barGauge,
            @Nullable Integer barLinks,
            @Nullable NoseKind nose,
            @Nullable UUID sprocketId,
            @Nullable String sprocketTag,
            @Nullable SprocketKind kind,
            @Nullable Integer teeth,
            @Nullable Pitch sprocketPitch,
            @Nullable Instant fittedAt,
            @Nullable Boolean newChain) {

        FittedSaw fitted() {
            return new FittedSaw(
                    new SawValue(id, tag, fittingId, details),
                    chain(),
                    bar(),
                    sprocket(),
                    Boolean.TRUE.equals(newChain),
                    fittedAt);
        }

        private @Nullable Hung<Loop> chain() {
            if (chainId == null) {
                return null;
            }
            int links = told(chainLinks);
            LoopSpec spec = new LoopSpec(told(chainPitch), told(chainGauge), links);
            return new Hung<>(
                    chainId,
                    told(chainTag),
                    Subject.CHAIN,
                    new Loop(
                            spec,
                            told(sequence).cutters(links),
                            new OfItsMaker(tangDepthMm, newCutterMm, wearMarkMm, fileMm)));
        }

        private @Nullable Hung<BarSpec> bar() {
            return barId == null
                    ? null
                    : new Hung<>(
                            barId,
                            told(barTag),
                            Subject.BAR,
                            new BarSpec(told(lengthMm), told(barPitch), told(barGauge), told(barLinks), told(nose)));
        }

        private @Nullable Hung<SprocketSpec> sprocket() {
            return sprocketId == null
                    ? null
                    : new Hung<>(
                            sprocketId,
                            told(sprocketTag),
                            Subject.SPROCKET,
                            new SprocketSpec(told(kind), told(teeth), told(sprocketPitch)));
        }

        private static <T> T told(@Nullable T value) {
            return Objects.requireNonNull(value);
        }
    }

    /** In one question: a list of ids in it would be put into words anew each time. */
    private static final String IN_SERVICE = """
            select s.id, s.tag, s.fittingId, s.details,
                   c.id, loop.tag, c.pitch, c.gauge, c.driveLinks, c.sequence, c.tangDepthMm, c.newCutterMm,
                   c.wearMarkMm, c.fileMm,
                   b.id, bar.tag, b.lengthMm, b.pitch, b.gauge, b.driveLinks, b.nose,
                   p.id, sprocket.tag, p.kind, p.teeth, p.pitch, f.at, f.newChain
            from Saw s
                 left join Part loop on loop.sawId = s.id and type(loop) = Chain left join Chain c on c.id = loop.id
                 left join Part bar on bar.sawId = s.id and type(bar) = Bar left join Bar b on b.id = bar.id
                 left join Part sprocket on sprocket.sawId = s.id and type(sprocket) = Sprocket
                 left join Sprocket p on p.id = sprocket.id
                 left join SetFitting f on f.id = s.fittingId
            where s.retiredAt is null""";

    /** All of them. */
    List<FittedSaw> inService() {
        // All at once: each saw's own would be asked for one by one.
        records.createQuery("select m from Model m", Model.class).getResultList();
        return read(records.createQuery(IN_SERVICE, HangingRow.class)).toList();
    }

    /** Those of these that are in service. */
    List<FittedSaw> inService(Collection<UUID> ids) {
        return ids.stream()
                .flatMap(id -> read(records.createQuery(IN_SERVICE + " and s.id = :id", HangingRow.class)
                        .setParameter("id", id)))
                .toList();
    }

    private static Stream<FittedSaw> read(TypedQuery<HangingRow> query) {
        return query.getResultStream().map(HangingRow::fitted);
    }

    /** Which there are, whatever else can be read of them. */
    Map<UUID, String> tagsInService() {
        Map<UUID, String> tags = new LinkedHashMap<>();
        records.createQuery("select s.id, s.tag from Saw s where s.retiredAt is null order by s.tag", Object[].class)
                .getResultList()
                .forEach(row -> tags.put((UUID) row[0], (String) row[1]));
        return tags;
    }

    /** A saw, retired or not. */
    Saw saw(UUID id) {
        return records.find(Saw.class, id);
    }
}
