package yellowtally.server.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.fitness.FitState;
import yellowtally.core.fitness.TensionFitness;
import yellowtally.core.fitness.TensionLedger;
import yellowtally.core.tension.SisterPaces;
import yellowtally.core.tension.TensionSettings;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.Saw;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Sentences;
import yellowtally.server.usage.EndedOuting;
import yellowtally.server.usage.MayGoOut;

/**
 * Where each saw stands, worked out from its records: nothing is stored that could disagree with them. Only the records of
 * loops that hang on a saw now are read, so the cost does not grow with the years.
 */
@Service
public class Standings implements MayGoOut {

    private final BenchStores.FittedSaws saws;
    private final FittedChainRecords records;
    private final BenchStores.Holds holds;
    private final FleetSettings settings;
    private final Sentences sentences;
    private final FleetRevision revision;
    private final TransactionTemplate reading;
    private volatile @Nullable Kept kept;

    Standings(
            BenchStores.FittedSaws saws,
            FittedChainRecords records,
            BenchStores.Holds holds,
            FleetSettings settings,
            Sentences sentences,
            FleetRevision revision,
            PlatformTransactionManager transactions) {
        this.saws = saws;
        this.records = records;
        this.holds = holds;
        this.settings = settings;
        this.sentences = sentences;
        this.revision = revision;
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
    }

    /** Every saw in service, by tag. Worked out anew after each write, and kept until the next. */
    public List<Standing> all() {
        long now = revision.now();
        Kept before = kept;
        if (before != null && before.revision() == now) {
            return before.standings();
        }
        List<Standing> standings = reading.execute(status -> workedOut());
        kept = new Kept(now, standings);
        return standings;
    }

    /** What was worked out, and when. */
    private record Kept(long revision, List<Standing> standings) {}

    private List<Standing> workedOut() {
        TensionSettings numbers = settings.rules().tension();
        Map<UUID, List<CheckRow>> checksByChain = records.checks();
        Map<UUID, List<EndedOuting>> outingsByChain = records.outings();
        Set<UUID> held = holds.open().stream().map(Hold::sawId).collect(Collectors.toSet());

        Map<FittedSaw, TensionLedger> ledgers = new LinkedHashMap<>();
        Map<Pitch, List<Double>> paces = new EnumMap<>(Pitch.class);
        for (FittedSaw fitted : saws.inService()) {
            TensionLedger ledger = ledger(fitted, checksByChain, outingsByChain, held);
            ledgers.put(fitted, ledger);
            Double pace = ledger.growthPerTank();
            if (fitted.chain() != null && pace != null) {
                paces.computeIfAbsent(fitted.chain().pitch(), p -> new ArrayList<>())
                        .add(pace);
            }
        }
        Map<Pitch, SisterPaces> sisters = new EnumMap<>(Pitch.class);
        paces.forEach((pitch, found) -> sisters.put(pitch, new SisterPaces(found)));
        List<Standing> standings = new ArrayList<>();
        ledgers.forEach((fitted, ledger) -> {
            SisterPaces known = fitted.chain() == null
                    ? SisterPaces.NONE
                    : sisters.getOrDefault(fitted.chain().pitch(), SisterPaces.NONE);
            standings.add(new Standing(fitted, ledger, ledger.assess(known, numbers)));
        });
        return List.copyOf(standings);
    }

    /** One saw among its sisters. */
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
                unamended(checks).stream().map(row -> entry(row, fitting)).toList(),
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
}
