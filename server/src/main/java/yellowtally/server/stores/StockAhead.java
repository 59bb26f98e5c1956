package yellowtally.server.stores;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.plan.Article;
import yellowtally.core.plan.Chore;
import yellowtally.core.plan.Supply;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Subject;
import yellowtally.core.stores.StockKind;
import yellowtally.core.stores.StockNeeds;
import yellowtally.core.stores.StoresSetting;
import yellowtally.server.standing.Standing;
import yellowtally.server.stores.StockRepositories.Shelf;

/** What the work that waits takes from the shelf, and what there is and comes of it, for the plan of the days. */
@Component
public class StockAhead {

    private final StockRepositories.Items items;
    private final StockRepositories.Moves moves;
    private final StockRepositories.Orders orders;
    private final PartShelf parts;
    private final Clock clock;

    StockAhead(
            StockRepositories.Items items,
            StockRepositories.Moves moves,
            StockRepositories.Orders orders,
            PartShelf parts,
            Clock clock) {
        this.items = items;
        this.moves = moves;
        this.orders = orders;
        this.parts = parts;
        this.clock = clock;
    }

    /**
     * What is needed and what there is.
     *
     * @param needs by the tag of the saw; of what the stores do not keep nothing is said
     */
    public record Ahead(Map<String, Map<Article, Double>> needs, Map<Article, Supply> supplies) {}

    /** As the shelf stands. */
    public Ahead of(List<Standing> fleet, Numbers numbers) {
        LocalDate today = LocalDate.now(clock);
        Map<String, Map<Article, Double>> needs = new HashMap<>();
        Map<Article, Supply> supplies = new HashMap<>();
        Map<String, StockNeeds> wanted = new HashMap<>();
        boolean any = false;
        for (Standing standing : fleet) {
            StockNeeds need = StoresPages.needs(standing);
            wanted.put(standing.fitted().saw().tag(), need);
            any |= !need.stock().isEmpty() || !need.parts().isEmpty();
        }
        if (any) {
            addItems(fleet, wanted, needs, supplies, numbers, today);
            addParts(fleet, wanted, needs, supplies, numbers, today);
        }
        return new Ahead(needs, supplies);
    }

    private void addItems(
            List<Standing> fleet,
            Map<String, StockNeeds> wanted,
            Map<String, Map<Article, Double>> needs,
            Map<Article, Supply> supplies,
            Numbers numbers,
            LocalDate today) {
        Map<UUID, Double> shelves = new HashMap<>();
        moves.shelves().forEach(shelf -> shelves.put(shelf.itemId(), shelf.amount()));
        Map<UUID, List<OrderView>> awaited = OrderView.of(orders.findAllByClosedAtIsNullOrderByAt(), Map.of());
        List<StockItem> all = items.findAllByOrderByName();
        for (Standing standing : fleet) {
            String tag = standing.fitted().saw().tag();
            for (Map.Entry<StockKind, Double> need :
                    Objects.requireNonNull(wanted.get(tag)).stock().entrySet()) {
                // Of several that fit, the one of which most is there.
                Optional<StockItem> item = all.stream()
                        .filter(one -> one.kind() == need.getKey() && StoresPages.fits(one, standing))
                        .max(Comparator.comparingDouble((StockItem one) -> shelves.getOrDefault(one.id(), 0.0)));
                item.ifPresent(one -> {
                    Article article = new Article("item " + one.id(), one.card().name());
                    needs.computeIfAbsent(tag, t -> new HashMap<>()).put(article, need.getValue());
                    supplies.computeIfAbsent(
                            article,
                            a -> new Supply(
                                    shelves.getOrDefault(
                                            one.id(), Shelf.empty(one.id()).amount()),
                                    comes(awaited.getOrDefault(one.id(), List.of()), today),
                                    lead(one, numbers),
                                    false));
                });
            }
        }
    }

    private static int lead(StockItem item, Numbers numbers) {
        Integer own = item.card().leadDays();
        return own == null ? (int) Math.round(numbers.of(StoresSetting.LEAD_DAYS)) : own;
    }

    private static List<Supply.Arrival> comes(List<OrderView> orders, LocalDate today) {
        return orders.stream()
                .map(order -> new Supply.Arrival(day(order.expectedOn(), today), order.amount()))
                .toList();
    }

    /** What is ordered, and what a mechanic or dealer brings back on a day that is counted on. */
    private static List<Supply.Arrival> comes(PartShelf.PartGroup group, LocalDate today) {
        List<Supply.Arrival> arrivals = new ArrayList<>(comes(group.onOrder(), today));
        group.away().stream()
                .filter(PartShelf.AwayPart::comes)
                .forEach(part -> arrivals.add(new Supply.Arrival(day(part.expectedOn(), today), 1)));
        return arrivals;
    }

    /** Nobody said when it comes: nobody counts on it. */
    private static int day(@Nullable LocalDate expected, LocalDate today) {
        return expected == null ? Chore.NEVER : (int) Math.max(0, ChronoUnit.DAYS.between(today, expected));
    }

    private void addParts(
            List<Standing> fleet,
            Map<String, StockNeeds> wanted,
            Map<String, Map<Article, Double>> needs,
            Map<Article, Supply> supplies,
            Numbers numbers,
            LocalDate today) {
        for (PartShelf.PartGroup group : parts.groups(fleet, wanted, Map.of(), numbers, today)) {
            Article article = new Article(group.kind() + " " + group.spec(), group.spec());
            group.reserved()
                    .forEach(tag ->
                            needs.computeIfAbsent(tag, t -> new HashMap<>()).put(article, 1.0));
            if (!group.reserved().isEmpty()) {
                supplies.put(
                        article,
                        new Supply(
                                group.shelf().size(),
                                comes(group, today),
                                (int) Math.round(numbers.of(StoresSetting.LEAD_DAYS)),
                                group.kind() == Subject.CHAIN));
            }
        }
    }
}
