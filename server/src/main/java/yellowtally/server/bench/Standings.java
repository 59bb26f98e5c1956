package yellowtally.server.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.fitness.FitState;
import yellowtally.core.fitness.TensionFitness;
import yellowtally.core.fitness.TensionLedger;
import yellowtally.core.tension.TensionSettings;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.Saw;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Sentences;
import yellowtally.server.usage.EndedOuting;
import yellowtally.server.usage.MayGoOut;
import yellowtally.server.usage.Outings;

/**
 * Where each saw stands, worked out from its records every time: nothing is kept that could disagree with them. Only the
 * records of loops that hang on a saw now are read, so the cost does not grow with the years.
 */
@Service
public class Standings implements MayGoOut {

    private final BenchStores.FittedSaws saws;
    private final BenchStores.Checks checks;
    private final BenchStores.Holds holds;
    private final Outings outings;
    private final FleetSettings settings;
    private final Sentences sentences;

    Standings(
            BenchStores.FittedSaws saws,
            BenchStores.Checks checks,
            BenchStores.Holds holds,
            Outings outings,
            FleetSettings settings,
            Sentences sentences) {
        this.saws = saws;
        this.checks = checks;
        this.holds = holds;
        this.outings = outings;
        this.settings = settings;
        this.sentences = sentences;
    }

    /** Every saw in service, by tag. */
    @Transactional(readOnly = true)
    public List<Standing> all() {
        TensionSettings numbers = settings.rules().tension();
        Map<UUID, List<CheckRow>> checksByChain =
                unamended(checks.ofFittedChains()).stream().collect(Collectors.groupingBy(CheckRow::chainId));
        Map<UUID, List<EndedOuting>> outingsByChain =
                outings.endedOfFittedChains().stream().collect(Collectors.groupingBy(EndedOuting::chainId));
        Set<UUID> held = holds.open().stream().map(Hold::sawId).collect(Collectors.toSet());

        Map<FittedSaw, TensionLedger> ledgers = new LinkedHashMap<>();
        Map<Pitch, Map<UUID, Double>> rates = new HashMap<>();
        for (FittedSaw fitted : saws.inService()) {
            TensionLedger ledger = ledger(fitted, checksByChain, outingsByChain, held);
            ledgers.put(fitted, ledger);
            Double rate = ledger.growthPerTank();
            if (fitted.chain() != null && rate != null) {
                rates.computeIfAbsent(fitted.chain().pitch(), p -> new HashMap<>())
                        .put(fitted.chain().id(), rate);
            }
        }
        List<Standing> standings = new ArrayList<>();
        ledgers.forEach((fitted, ledger) -> {
            List<Double> sisters = sisters(fitted.chain(), rates);
            standings.add(new Standing(
                    fitted,
                    ledger,
                    ledger.fitness(sisters, numbers),
                    fitted.chain() == null ? null : ledger.takeUp(sisters, numbers)));
        });
        return standings;
    }

    /** One saw among its sisters. */
    @Transactional(readOnly = true)
    public Standing of(Saw saw) {
        return all().stream()
                .filter(s -> s.fitted().saw().id().equals(saw.id()))
                .findFirst()
                .orElseThrow(() -> Refusal.conflict("", "saw.retired", saw.tag()));
    }

    @Override
    public void refuseHeld(Saw saw) {
        TensionFitness fitness = of(saw).fitness();
        if (fitness.state() == FitState.HELD) {
            String why = sentences.of(
                    Refusal.Fault.of("", "held." + fitness.work().get(0).what()));
            throw Refusal.conflict("", "saw.held", saw.tag(), why);
        }
    }

    private static TensionLedger ledger(
            FittedSaw fitted,
            Map<UUID, List<CheckRow>> checksByChain,
            Map<UUID, List<EndedOuting>> outingsByChain,
            Set<UUID> held) {
        Chain chain = fitted.chain();
        UUID fitting = fitted.saw().fittingId();
        List<CheckRow> checks = chain == null ? List.of() : checksByChain.getOrDefault(chain.id(), List.of());
        List<EndedOuting> outings = chain == null ? List.of() : outingsByChain.getOrDefault(chain.id(), List.of());
        return new TensionLedger(
                chain == null ? null : chain.spec(),
                fitted.complete(),
                fitted.fitting() != null && fitted.fitting().newChain(),
                fitted.saw().details().adjusterTravelMm(),
                held.contains(fitted.saw().id()),
                checks.stream().map(row -> entry(row, fitting)).toList(),
                outings.stream()
                        .map(o -> new TensionLedger.OutingEntry(
                                o.backAt(), o.tanks(), o.fittingId().equals(fitting)))
                        .toList());
    }

    private static TensionLedger.CheckEntry entry(CheckRow row, @Nullable UUID fitting) {
        return new TensionLedger.CheckEntry(
                row.at(),
                row.fittingId().equals(fitting),
                row.occasion(),
                row.outcome(),
                row.provisional(),
                row.turns(),
                row.adjusterLeadMm(),
                row.jointPlayMm());
    }

    private static List<CheckRow> unamended(List<CheckRow> rows) {
        Set<UUID> amended = new HashSet<>();
        rows.forEach(row -> {
            if (row.amendsId() != null) {
                amended.add(row.amendsId());
            }
        });
        return amended.isEmpty()
                ? rows
                : rows.stream().filter(row -> !amended.contains(row.id())).toList();
    }

    private static List<Double> sisters(@Nullable Chain chain, Map<Pitch, Map<UUID, Double>> rates) {
        if (chain == null) {
            return List.of();
        }
        return rates.getOrDefault(chain.pitch(), Map.of()).entrySet().stream()
                .filter(e -> !e.getKey().equals(chain.id()))
                .map(Map.Entry::getValue)
                .toList();
    }
}
