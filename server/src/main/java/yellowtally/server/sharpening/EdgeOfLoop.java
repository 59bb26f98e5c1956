package yellowtally.server.sharpening;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.edge.BaseStrokes;
import yellowtally.core.edge.Cutter;
import yellowtally.core.edge.EdgeSetting;
import yellowtally.core.edge.FileBack;
import yellowtally.core.edge.FileChoice;
import yellowtally.core.edge.FilingRate;
import yellowtally.core.edge.LoopCutters;
import yellowtally.core.edge.SharpeningPlan;
import yellowtally.core.edge.Side;
import yellowtally.core.judging.FiledLoop;
import yellowtally.core.schedule.Condition;
import yellowtally.core.schedule.Task;
import yellowtally.core.settings.Numbers;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.Loop;
import yellowtally.server.standing.FittedSaw.Hung;
import yellowtally.server.standing.Standing;
import yellowtally.server.visit.KnowsFiling;

/** What the rules say of the loop in the vice. */
@Component
public class EdgeOfLoop implements KnowsFiling {

    private final SharpeningRepository sharpenings;

    EdgeOfLoop(SharpeningRepository sharpenings) {
        this.sharpenings = sharpenings;
    }

    /** What a stroke takes off the loop of a saw, as far as it is known: one figure for vice, bench and quick record. */
    @Override
    public double removalMm(Standing standing) {
        Hung<Loop> chain = standing.fitted().chain();
        return chain == null
                ? standing.numbers().of(EdgeSetting.REMOVAL)
                : rate(chain.id(), chain.spec().pitch(), standing).mm();
    }

    /** The same, and what it stands on. */
    FilingRate rate(Chain chain, Standing standing) {
        return rate(chain.id(), chain.pitch(), standing);
    }

    private FilingRate rate(UUID chainId, Pitch pitch, Standing standing) {
        Map<UUID, List<Double>> rates = new HashMap<>();
        // Filed with pen and caliper at the bench; what was mapped in the vice tells more exactly, and counts once.
        Map<Object, Double> told = new HashMap<>(standing.parts().filingRates());
        for (SharpeningRepository.Filed filed : sharpenings.filed(pitch)) {
            told.remove(filed.recordId());
            FilingRate.perStroke(filed.filedMm(), filed.strokes())
                    .ifPresent(rate -> rates.computeIfAbsent(filed.chainId(), c -> new ArrayList<>())
                            .add(rate));
        }
        List<Double> own = rates.computeIfAbsent(chainId, c -> new ArrayList<>());
        own.addAll(told.values());
        List<Double> all = rates.values().stream().flatMap(List::stream).toList();
        return FilingRate.learned(own, all, standing.numbers());
    }

    /** File and angle, by the wood since the last sharpening. */
    public FileChoice file(Chain chain, Standing standing) {
        boolean hard = standing.account().tasks().stream()
                .filter(due -> due.task() == Task.SHARPEN)
                .flatMap(due -> due.limits().stream())
                .flatMap(limit -> limit.heavier().stream())
                .anyMatch(Condition::filedAsHard);
        return FileChoice.of(
                chain.pitch(),
                chain.ofItsMaker().fileMm(),
                chain.topPlateAngle(),
                chain.downTilt(),
                hard,
                standing.numbers());
    }

    /** What is known of its cutter lengths. */
    LoopCutters known(Standing standing) {
        return Objects.requireNonNull(standing.profile().cutters(), "a loop is fitted");
    }

    /** Strokes to a clean edge: as chosen, else as the rules have it, past the damage where there is any. */
    int base(Sharpening open, FilingRate rate, LoopCutters known, Numbers numbers) {
        Integer chosen = open.baseStrokes();
        return chosen != null ? chosen : BaseStrokes.of(open.dull(), fileBack(open, rate, known), numbers);
    }

    /** What the damage costs; {@code null} where nothing was struck. */
    @Nullable
    FileBack fileBack(Sharpening open, FilingRate rate, LoopCutters known) {
        return FileBack.pastDamage(open.damageMm(), shortest(open, known), rate.mm(), known);
    }

    private static @Nullable Double shortest(Sharpening open, LoopCutters known) {
        return counted(open, true).stream()
                .map(Cutter::mm)
                .filter(Objects::nonNull)
                .min(Double::compare)
                .orElse(known.latestMm());
    }

    /** The plan; {@code null} while there are too few lengths. */
    @Nullable
    SharpeningPlan plan(Sharpening open, FilingRate rate, LoopCutters known, Numbers numbers) {
        List<Cutter> cutters = cutters(open, true);
        Set<Integer> leftOut = leftOut(open);
        if (SharpeningPlan.refusal(cutters, leftOut).isPresent()) {
            return null;
        }
        SharpeningPlan.Given given = new SharpeningPlan.Given(
                cutters, leftOut, rate.mm(), base(open, rate, known, numbers), known.markMm(), false, numbers);
        return open.way() == null ? SharpeningPlan.of(given) : SharpeningPlan.of(given, open.way());
    }

    /** The loop as far as it is filed. */
    static FiledLoop filed(Sharpening open) {
        Map<Integer, Integer> strokes = new HashMap<>();
        open.cutters().forEach((place, row) -> {
            if (row.strokes() != null) {
                strokes.put(place, row.strokes());
            }
        });
        return new FiledLoop(cutters(open, true), cutters(open, false), strokes, leftOut(open), open.dull());
    }

    /** Cutters as they were found, or after filing; those that were touched at all. */
    static List<Cutter> cutters(Sharpening open, boolean before) {
        List<Cutter> cutters = new ArrayList<>();
        open.cutters()
                .forEach((place, row) -> cutters.add(new Cutter(
                        place, Side.at(place, Side.LEFT), before ? row.beforeMm() : row.afterMm(), row.damage())));
        return cutters;
    }

    /** Those of them that stand for the loop. */
    static List<Cutter> counted(Sharpening open, boolean before) {
        return Cutter.counted(cutters(open, before), leftOut(open));
    }

    private static Set<Integer> leftOut(Sharpening open) {
        Set<Integer> places = new HashSet<>();
        open.cutters().forEach((place, row) -> {
            if (row.leftOut()) {
                places.add(place);
            }
        });
        return places;
    }
}
