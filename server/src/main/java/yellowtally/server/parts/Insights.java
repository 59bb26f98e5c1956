package yellowtally.server.parts;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.comparison.CostlyStretch;
import yellowtally.core.comparison.EdgeEater;
import yellowtally.core.comparison.ShorterSide;
import yellowtally.core.edge.Side;
import yellowtally.core.steps.Power;
import yellowtally.core.tension.TakeUp;
import yellowtally.core.waiting.TakeUpWaits.TakeUpMatter;
import yellowtally.core.wear.PartWear;
import yellowtally.core.wear.WearKind;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;

/** What stands out in the records of the fleet, where they carry it and only then. */
@Service
public class Insights {

    private final Standings standings;

    Insights(Standings standings) {
        this.standings = standings;
    }

    /** What kind of thing stands out. */
    public enum InsightKind {
        EATS_EDGES,
        COSTLY_OUTING,
        GROWS_FAST,
        SHORTER_SIDE
    }

    /**
     * One thing that stands out.
     *
     * @param figure its own: mm per tank, mm a tank in that stretch, mm per tank, mm
     * @param against what it stands out from: sisters, its usual, sisters or its past, nothing
     * @param side the shorter side; absent for all other kinds
     * @param times in how many of {@code of} sharpenings; absent likewise
     */
    public record Insight(
            InsightKind kind,
            String saw,
            Power power,
            String chain,
            double figure,
            @Nullable Double against,
            @Nullable Side side,
            @Nullable Integer times,
            @Nullable Integer of,
            @Nullable Instant from,
            @Nullable Instant to) {}

    /** Over the fleet, by saw. */
    public List<Insight> all() {
        List<Standing> fleet = standings.all();
        List<Insight> found = new ArrayList<>();
        fleet.forEach(standing -> found.addAll(of(standing, fleet)));
        return found;
    }

    /** Of one saw among its sisters. */
    public List<Insight> of(Standing standing) {
        return of(standing, standings.all());
    }

    private static List<Insight> of(Standing standing, List<Standing> fleet) {
        var chain = standing.fitted().chain();
        if (chain == null) {
            return List.of();
        }
        String saw = standing.fitted().saw().tag();
        List<Insight> found = new ArrayList<>();
        perTank(standing).ifPresent(own -> {
            List<Double> others = fleet.stream()
                    .filter(other -> !other.fitted()
                                    .saw()
                                    .id()
                                    .equals(standing.fitted().saw().id())
                            && other.fitted().chain() != null
                            && other.fitted().chain().spec().pitch()
                                    == chain.spec().pitch())
                    .flatMap(other -> perTank(other).stream())
                    .toList();
            EdgeEater.of(own, others, standing.numbers())
                    .ifPresent(eater -> found.add(plain(
                            InsightKind.EATS_EDGES,
                            standing,
                            chain.tag(),
                            eater.mmPerTank(),
                            eater.sistersMmPerTank())));
        });
        standing.wear()
                .kind(WearKind.CUTTER)
                .ifPresent(wear -> CostlyStretch.of(wear.points(), standing.numbers())
                        .forEach(stretch -> found.add(new Insight(
                                InsightKind.COSTLY_OUTING,
                                saw,
                                standing.profile().power(),
                                chain.tag(),
                                stretch.mmPerTank(),
                                stretch.usualMmPerTank(),
                                null,
                                null,
                                null,
                                stretch.from(),
                                stretch.to()))));
        TakeUp takeUp = standing.tension().takeUp();
        boolean fast = standing.account().work().stream().anyMatch(w -> w.what() == TakeUpMatter.TAKES_UP_FAST);
        if (fast && takeUp != null && takeUp.recentMmPerTank() != null) {
            Double against = takeUp.state() == TakeUp.State.FASTER_THAN_ITS_PAST
                    ? takeUp.pastMmPerTank()
                    : takeUp.sistersMmPerTank();
            found.add(plain(InsightKind.GROWS_FAST, standing, chain.tag(), takeUp.recentMmPerTank(), against));
        }
        ShorterSide.of(standing.parts().sideDifferences(), standing.numbers())
                .ifPresent(side -> found.add(new Insight(
                        InsightKind.SHORTER_SIDE,
                        saw,
                        standing.profile().power(),
                        chain.tag(),
                        side.meanMm(),
                        null,
                        side.side(),
                        side.times(),
                        side.of(),
                        null,
                        null)));
        return found;
    }

    private static Insight plain(
            InsightKind kind, Standing standing, String chain, double figure, @Nullable Double against) {
        return new Insight(
                kind,
                standing.fitted().saw().tag(),
                standing.profile().power(),
                chain,
                figure,
                against,
                null,
                null,
                null,
                null,
                null);
    }

    private static Optional<Double> perTank(Standing standing) {
        return standing.wear()
                .kind(WearKind.CUTTER)
                .map(PartWear::projection)
                .map(projection -> projection.perUse().likely());
    }
}
