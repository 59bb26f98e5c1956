package yellowtally.server.sharpening;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import yellowtally.core.cuttingset.CutterSequence;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.edge.Cutter;
import yellowtally.core.edge.CutterDamage;
import yellowtally.core.edge.EdgeLife;
import yellowtally.core.edge.FileBack;
import yellowtally.core.edge.FileChoice;
import yellowtally.core.edge.FilingRate;
import yellowtally.core.edge.LoopCutters;
import yellowtally.core.edge.SharpeningPlan;
import yellowtally.core.edge.SharpeningPlan.FilingWay;
import yellowtally.core.edge.Side;
import yellowtally.core.edge.SideBalance;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.People;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.Refusal;

/** All that the screen of the vice shows. */
@Service
class SharpeningPages {

    private final SharpeningRepository sharpenings;
    private final EdgeOfLoop edge;
    private final Fleet fleet;
    private final People people;
    private final Standings standings;

    SharpeningPages(
            SharpeningRepository sharpenings, EdgeOfLoop edge, Fleet fleet, People people, Standings standings) {
        this.sharpenings = sharpenings;
        this.edge = edge;
        this.fleet = fleet;
        this.people = people;
        this.standings = standings;
    }

    /**
     * The loop of a saw at the vice.
     *
     * @param cutters how many it has
     * @param open what lies in the vice; absent when nothing does
     * @param past sharpenings that were mapped, latest first
     * @param lastMapped its cutters as they were mapped last; absent when it never was
     */
    record SharpeningPage(
            String tag,
            String chain,
            Pitch pitch,
            int driveLinks,
            CutterSequence sequence,
            int cutters,
            FileChoice file,
            FilingRate rate,
            LoopCutters known,
            @Nullable EdgeLife life,
            @Nullable OpenSharpening open,
            List<PastSharpening> past,
            @Nullable List<CutterPlace> lastMapped) {}

    /**
     * A loop in the vice.
     *
     * @param baseStrokes strokes to a clean edge
     * @param damageMm how deep the worst cutter is bitten into; absent where nothing was struck
     * @param fileBack what that costs; absent likewise
     * @param places every cutter of the loop, from the start cutter
     * @param plan absent with too few lengths
     * @param after the sides after filing; absent with too few lengths
     * @param afterSpreadMm longest less shortest of all after filing; absent likewise
     */
    record OpenSharpening(
            UUID id,
            Instant startedAt,
            String by,
            boolean dull,
            @Nullable FilingWay way,
            int baseStrokes,
            @Nullable Double damageMm,
            @Nullable FileBack fileBack,
            List<CutterPlace> places,
            @Nullable SharpeningPlan plan,
            @Nullable SideBalance after,
            @Nullable Double afterSpreadMm) {}

    /** One place of the loop; {@code strokes} are those that were made. */
    record CutterPlace(
            int place,
            Side side,
            @Nullable Double beforeMm,
            @Nullable Double afterMm,
            @Nullable CutterDamage damage,
            boolean leftOut,
            @Nullable Integer strokes) {}

    /** A sharpening that was mapped. */
    record PastSharpening(
            Instant at,
            String by,
            int measured,
            int strokes,
            @Nullable SideBalance before,
            @Nullable SideBalance after) {}

    @Transactional(readOnly = true)
    SharpeningPage of(String tag) {
        Saw saw = fleet.sawInService(tag);
        Chain chain = fleet.set(saw).chain();
        if (chain == null) {
            throw Refusal.conflict("", "sharpening.noLoop", tag);
        }
        Standing standing = standings.of(saw);
        FilingRate rate = edge.rate(chain, standing);
        List<Sharpening> past = sharpenings.lastOf(chain.id());
        Map<UUID, String> names = people.names();
        return new SharpeningPage(
                tag,
                chain.tag(),
                chain.pitch(),
                chain.driveLinks(),
                chain.sequence(),
                chain.cutters(),
                edge.file(chain, standing),
                rate,
                edge.known(standing),
                standing.wear().edge(),
                sharpenings
                        .findByOpenChainId(chain.id())
                        .map(open -> view(open, chain, rate, standing, names))
                        .orElse(null),
                past.stream().map(one -> past(one, standing, names)).toList(),
                past.isEmpty() ? null : places(past.get(0), chain));
    }

    private OpenSharpening view(
            Sharpening open, Chain chain, FilingRate rate, Standing standing, Map<UUID, String> names) {
        LoopCutters known = edge.known(standing);
        List<Cutter> after = EdgeOfLoop.counted(open, false);
        var lengths =
                after.stream().mapToDouble(c -> Objects.requireNonNull(c.mm())).summaryStatistics();
        SideBalance balance = balance(after, standing);
        return new OpenSharpening(
                open.id(),
                open.startedAt(),
                names.getOrDefault(open.personId(), ""),
                open.dull(),
                open.way(),
                edge.base(open, rate, known, standing.numbers()),
                open.damageMm(),
                edge.fileBack(open, rate, known),
                places(open, chain),
                edge.plan(open, rate, known, standing.numbers()),
                balance,
                balance == null ? null : lengths.getMax() - lengths.getMin());
    }

    private static List<CutterPlace> places(Sharpening mapped, Chain chain) {
        List<CutterPlace> places = new ArrayList<>();
        for (int place = 0; place < chain.cutters(); place++) {
            CutterRow row = mapped.cutter(place);
            places.add(new CutterPlace(
                    place,
                    Side.at(place, Side.LEFT),
                    row.beforeMm(),
                    row.afterMm(),
                    row.damage(),
                    row.leftOut(),
                    row.strokes()));
        }
        return places;
    }

    private static PastSharpening past(Sharpening past, Standing standing, Map<UUID, String> names) {
        List<Cutter> before = EdgeOfLoop.counted(past, true);
        int strokes = past.cutters().values().stream()
                .mapToInt(row -> row.strokes() == null ? 0 : row.strokes())
                .sum();
        return new PastSharpening(
                Objects.requireNonNull(past.endedAt()),
                names.getOrDefault(past.personId(), ""),
                before.size(),
                strokes,
                balance(before, standing),
                balance(EdgeOfLoop.counted(past, false), standing));
    }

    private static @Nullable SideBalance balance(List<Cutter> cutters, Standing standing) {
        return SharpeningPlan.refusal(cutters, Set.of()).isPresent()
                ? null
                : SideBalance.of(cutters, standing.numbers());
    }
}
