package yellowtally.server.stores;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Power;
import yellowtally.core.stores.CostPerTank;
import yellowtally.core.wear.PartWear;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Part;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.standing.FittedSaw.Hung;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.usage.Outings;

/** What a tank costs: each saw with all that was taken for it, each loop over its life. */
@Service
class CostPages {

    private final EntityManager records;
    private final StockRepositories.Items items;
    private final StockRepositories.Moves moves;
    private final Standings standings;
    private final Fleet fleet;
    private final FleetSettings settings;

    CostPages(
            EntityManager records,
            StockRepositories.Items items,
            StockRepositories.Moves moves,
            Standings standings,
            Fleet fleet,
            FleetSettings settings) {
        this.records = records;
        this.items = items;
        this.moves = moves;
        this.standings = standings;
        this.fleet = fleet;
        this.settings = settings;
    }

    /** What tanks cost. */
    record CostPage(List<SawCost> saws, List<LoopCost> loops) {}

    /** A saw; absent cost: hardly run, or nothing has a price. */
    record SawCost(
            String saw,
            Power power,
            double tanks,
            double stockCents,
            @Nullable CostPerTank cost) {}

    /** A loop that has a price. */
    record LoopCost(
            String chain,
            @Nullable String saw,
            Power power,
            double tanks,
            int costCents,
            @Nullable CostPerTank cost) {}

    /** How the saw burns that a part hangs on; on the shelf nobody can tell, and most are petrol. */
    private static Power powerOf(List<Standing> all, Part part) {
        return all.stream()
                .filter(standing -> standing.fitted().saw().id().equals(part.sawId()))
                .map(standing -> standing.profile().power())
                .findFirst()
                .orElse(Power.PETROL);
    }

    /** What went through a part while it hung on a saw. */
    private record TanksOfPart(UUID partId, UUID sawId, Double tanks) {}

    private record TanksOfSaw(UUID sawId, Double tanks) {}

    @Transactional(readOnly = true)
    CostPage page() {
        List<Standing> all = standings.all();
        Map<UUID, Double> left = left(all);
        Map<UUID, Double> stock = stockBySaw();
        Map<UUID, Map<UUID, Double>> tanksOfParts = new HashMap<>();
        Map<UUID, Double> tanksOfSaws = new HashMap<>();
        for (String column : List.of("chainId", "barId", "sprocketId")) {
            records.createQuery(
                            "select o." + column
                                    + ", o.sawId, sum(o.tanks) from Outing o where o.backAt is not null"
                                    + Outings.STANDING
                                    + " and o." + column + " is not null group by o." + column + ", o.sawId",
                            TanksOfPart.class)
                    .getResultList()
                    .forEach(row -> tanksOfParts
                            .computeIfAbsent(row.partId(), id -> new HashMap<>())
                            .put(row.sawId(), row.tanks()));
        }
        records.createQuery(
                        "select o.sawId, sum(o.tanks) from Outing o where o.backAt is not null" + Outings.STANDING
                                + " group by o.sawId",
                        TanksOfSaw.class)
                .getResultList()
                .forEach(row -> tanksOfSaws.put(row.sawId(), row.tanks()));
        Numbers numbers = settings.rules().numbers();
        Map<UUID, List<CostPerTank.Share>> shares = new HashMap<>();
        List<LoopCost> loops = new ArrayList<>();
        List<Part> parts = used(tanksOfParts.keySet());
        Map<UUID, Fleet.SawName> names = fleet.sawNames();
        for (Part part : parts) {
            Integer cents = part.costCents();
            if (cents == null) {
                continue;
            }
            Map<UUID, Double> bySaw = Objects.requireNonNull(tanksOfParts.get(part.id()));
            double sum =
                    bySaw.values().stream().mapToDouble(Double::doubleValue).sum();
            Double still = part.retiredAt() == null ? left.get(part.id()) : null;
            bySaw.forEach((saw, tanks) -> shares.computeIfAbsent(saw, id -> new ArrayList<>())
                    .add(new CostPerTank.Share(cents, tanks, sum, still)));
            if (part instanceof Chain) {
                loops.add(new LoopCost(
                        part.tag(),
                        part.sawId() == null
                                ? null
                                : Objects.requireNonNull(names.get(part.sawId()))
                                        .tag(),
                        powerOf(all, part),
                        sum,
                        cents,
                        CostPerTank.ofLoop(cents, sum, still, numbers).orElse(null)));
            }
        }
        loops.sort(Comparator.comparing(LoopCost::chain));
        List<SawCost> saws = all.stream()
                .map(standing -> {
                    UUID id = standing.fitted().saw().id();
                    double tanks = tanksOfSaws.getOrDefault(id, 0.0);
                    double cents = stock.getOrDefault(id, 0.0);
                    List<CostPerTank.Share> own = shares.getOrDefault(id, List.of());
                    CostPerTank cost = own.isEmpty() && cents == 0
                            ? null
                            : CostPerTank.ofSaw(cents, own, tanks, numbers).orElse(null);
                    return new SawCost(
                            standing.fitted().saw().tag(), standing.profile().power(), tanks, cents, cost);
                })
                .toList();
        return new CostPage(saws, loops);
    }

    private List<Part> used(Set<UUID> parts) {
        return records.createQuery("select p from Part p where p.id in :parts", Part.class)
                .setParameter("parts", parts)
                .getResultList();
    }

    /** Tanks that each fitted part has left: of its kinds of wear the one that ends it first. */
    private static Map<UUID, Double> left(List<Standing> all) {
        Map<UUID, Double> left = new HashMap<>();
        for (Standing standing : all) {
            for (Hung<?> part : standing.fitted().parts()) {
                standing.wear()
                        .endsFirst(part.subject())
                        .map(PartWear::tanksLeft)
                        .ifPresent(tanks -> left.put(part.id(), tanks.likely()));
            }
        }
        return left;
    }

    private Map<UUID, Double> stockBySaw() {
        Map<UUID, Integer> prices = new HashMap<>();
        items.findAll().forEach(item -> {
            if (item.card().costCents() != null) {
                prices.put(item.id(), item.card().costCents());
            }
        });
        Map<UUID, Double> cents = new HashMap<>();
        moves.usedBySaw().forEach(row -> {
            Integer price = prices.get(row.itemId());
            if (price != null) {
                cents.merge(row.sawId(), price * row.amount(), Double::sum);
            }
        });
        return cents;
    }
}
