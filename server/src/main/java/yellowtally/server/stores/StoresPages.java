package yellowtally.server.stores;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.OpenFinding;
import yellowtally.core.steps.Step;
import yellowtally.core.stores.OrderLine;
import yellowtally.core.stores.RunsOut;
import yellowtally.core.stores.StockFit;
import yellowtally.core.stores.StockKind;
import yellowtally.core.stores.StockNeeds;
import yellowtally.core.stores.StockUse;
import yellowtally.core.stores.StoresSetting;
import yellowtally.core.visit.PlannedStep;
import yellowtally.server.fleet.PartTags;
import yellowtally.server.fleet.SawDetails;
import yellowtally.server.people.People;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.stores.StockRepositories.Shelf;
import yellowtally.server.support.Refusal;

/** The stores as the screen shows them: every figure is worked out from moves and records when it is asked for. */
@Service
class StoresPages {

    private final StockRepositories.Items items;
    private final StockRepositories.Moves moves;
    private final StockRepositories.Orders orders;
    private final Standings standings;
    private final FleetSettings settings;
    private final PartShelf parts;
    private final PartTags tags;
    private final People people;
    private final Clock clock;

    StoresPages(
            StockRepositories.Items items,
            StockRepositories.Moves moves,
            StockRepositories.Orders orders,
            Standings standings,
            FleetSettings settings,
            PartShelf parts,
            PartTags tags,
            People people,
            Clock clock) {
        this.items = items;
        this.moves = moves;
        this.orders = orders;
        this.standings = standings;
        this.settings = settings;
        this.parts = parts;
        this.tags = tags;
        this.people = people;
        this.clock = clock;
    }

    /**
     * All that the stores hold, and what to order.
     *
     * @param nextTags for each order of parts, tags that are free for what comes
     */
    record StoresPage(List<ItemView> items, List<PartShelf.PartGroup> parts, Map<UUID, List<String>> nextTags) {}

    /**
     * An item.
     *
     * @param reserved for work that waits
     * @param reservedFor saws that it waits on
     * @param fits saws that it fits
     * @param perMonth absent while the records say nothing
     * @param runsOut absent likewise, or when it is too far off
     * @param order what is to be ordered, beside what is on order already
     * @param onOrder what is awaited, the longest first
     */
    record ItemView(
            UUID id,
            int version,
            StockKind kind,
            StockKind.StockUnit unit,
            StockItem.Card card,
            double shelf,
            double reserved,
            List<String> reservedFor,
            Set<String> fits,
            @Nullable Double perMonth,
            @Nullable RunsOut runsOut,
            @Nullable OrderLine order,
            List<OrderView> onOrder) {}

    /** A move as the history of an item shows it. */
    record MoveView(
            Instant at,
            String by,
            StockMove.MoveCause cause,
            double amount,
            @Nullable String saw,
            @Nullable String reason) {}

    /** Something that a step on a saw may take. */
    record Takeable(UUID id, StockKind kind, StockKind.StockUnit unit, String name, double shelf) {}

    @Transactional(readOnly = true)
    StoresPage page() {
        LocalDate today = LocalDate.now(clock);
        Numbers numbers = settings.now().rules().numbers();
        List<Standing> fleet = standings.all();
        Map<String, StockNeeds> needs = new HashMap<>();
        fleet.forEach(standing -> needs.put(standing.fitted().saw().tag(), needs(standing)));
        Map<UUID, Shelf> shelves = shelves();
        Map<UUID, List<StockUse.Taken>> taken = taken(numbers, today);
        Map<UUID, String> names = people.names();
        Map<UUID, List<OrderView>> awaited = OrderView.of(orders.findAllByClosedAtIsNullOrderByAt(), names);
        List<ItemView> views = items.findAllByOrderByName().stream()
                .map(item -> view(
                        item,
                        shelves.getOrDefault(item.id(), Shelf.empty(item.id())),
                        taken.getOrDefault(item.id(), List.of()),
                        awaited.getOrDefault(item.id(), List.of()),
                        fleet,
                        needs,
                        numbers,
                        today))
                .toList();
        List<PartShelf.PartGroup> groups = parts.groups(fleet, needs, names, numbers, today);
        List<PartTags.Asked> comes = groups.stream()
                .flatMap(group -> group.onOrder().stream()
                        .map(order -> new PartTags.Asked(order.id(), group.like(), (int) order.amount())))
                .toList();
        return new StoresPage(views, groups, tags.free(comes));
    }

    /** What a step on this saw may take from the shelf. */
    @Transactional(readOnly = true)
    List<Takeable> takeable(Standing standing, Step step) {
        Map<UUID, Shelf> shelves = shelves();
        return items.findAllByOrderByName().stream()
                .filter(item -> item.kind().takenAt(step) && fits(item, standing))
                .map(item -> new Takeable(
                        item.id(),
                        item.kind(),
                        item.kind().unit(),
                        item.card().name(),
                        shelves.getOrDefault(item.id(), Shelf.empty(item.id())).amount()))
                .toList();
    }

    @Transactional(readOnly = true)
    List<MoveView> history(UUID itemId) {
        if (items.findById(itemId).isEmpty()) {
            throw Refusal.gone("stock.unknown");
        }
        Map<UUID, String> names = people.names();
        Map<UUID, String> saws = new HashMap<>();
        standings
                .all()
                .forEach(s -> saws.put(s.fitted().saw().id(), s.fitted().saw().tag()));
        return moves.findTop30ByItemIdOrderByAtDesc(itemId).stream()
                .map(move -> new MoveView(
                        move.at(),
                        names.getOrDefault(move.personId(), ""),
                        move.cause(),
                        move.amount(),
                        move.sawId() == null ? null : saws.get(move.sawId()),
                        move.reason()))
                .toList();
    }

    private ItemView view(
            StockItem item,
            Shelf shelf,
            List<StockUse.Taken> taken,
            List<OrderView> onOrder,
            List<Standing> fleet,
            Map<String, StockNeeds> needs,
            Numbers numbers,
            LocalDate today) {
        Set<String> fits = new TreeSet<>();
        List<String> reservedFor = new ArrayList<>();
        double reserved = 0;
        for (Standing standing : fleet) {
            if (fits(item, standing)) {
                String saw = standing.fitted().saw().tag();
                fits.add(saw);
                StockNeeds wanted = needs.get(saw);
                Double needed = wanted == null ? null : wanted.stock().get(item.kind());
                if (needed != null) {
                    reserved += needed;
                    reservedFor.add(saw);
                }
            }
        }
        StockItem.Card card = item.card();
        StockUse use = StockUse.of(taken, LocalDate.ofInstant(shelf.since(), clock.getZone()), today, numbers)
                .orElse(null);
        double lead = card.leadDays() == null ? numbers.of(StoresSetting.LEAD_DAYS) : card.leadDays();
        OrderLine order = OrderLine.of(
                        new OrderLine.Item(
                                shelf.amount(),
                                reserved,
                                OrderView.amount(onOrder),
                                0,
                                use == null ? 0 : use.perDay(),
                                card.least(),
                                lead,
                                card.pack()),
                        numbers)
                .orElse(null);
        return new ItemView(
                item.id(),
                item.version(),
                item.kind(),
                item.kind().unit(),
                card,
                shelf.amount(),
                reserved,
                reservedFor,
                fits,
                use == null ? null : use.perMonth(),
                RunsOut.of(Math.max(0, shelf.amount() - reserved), use, today, numbers)
                        .orElse(null),
                order,
                onOrder);
    }

    static boolean fits(StockItem item, Standing standing) {
        SawDetails card = standing.fitted().saw().details();
        return StockFit.fits(
                item.kind(),
                item.card().fits(),
                new StockFit.Asks(
                        standing.profile().petrol(),
                        card.model().title(),
                        card.plugCode(),
                        standing.profile().pitch()),
                standing.numbers());
    }

    static StockNeeds needs(Standing standing) {
        List<Finding> found = new ArrayList<>();
        standing.account().findings().stream().map(OpenFinding::finding).forEach(found::add);
        standing.account().work().forEach(work -> {
            if (work.finding() != null) {
                found.add(work.finding());
            }
        });
        List<Step> planned =
                standing.plan().steps().stream().map(PlannedStep::step).toList();
        return StockNeeds.of(standing.profile(), found, planned);
    }

    private Map<UUID, Shelf> shelves() {
        return moves.shelves().stream().collect(Collectors.toMap(Shelf::itemId, shelf -> shelf));
    }

    private Map<UUID, List<StockUse.Taken>> taken(Numbers numbers, LocalDate today) {
        Instant since = today.minusDays(Math.round(numbers.of(StoresSetting.USE_DAYS)))
                .atStartOfDay(clock.getZone())
                .toInstant();
        Map<UUID, List<StockUse.Taken>> taken = new HashMap<>();
        moves.usedSince(since)
                .forEach(move -> taken.computeIfAbsent(move.itemId(), id -> new ArrayList<>())
                        .add(new StockUse.Taken(LocalDate.ofInstant(move.at(), clock.getZone()), -move.amount())));
        return taken;
    }
}
