package yellowtally.server.stores;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.steps.Step;
import yellowtally.core.stores.StockKind;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.people.People;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** The shelf: what lies there, what came in, what was counted. */
@RestController
class StoresController {

    private final StoresPages pages;
    private final CostPages costs;
    private final Stock stock;
    private final NewItems newItems;
    private final StockRepositories.Items items;
    private final Fleet fleet;
    private final Standings standings;
    private final People people;
    private final OnceOnly onceOnly;
    private final FleetRevision revision;

    StoresController(
            StoresPages pages,
            CostPages costs,
            Stock stock,
            NewItems newItems,
            StockRepositories.Items items,
            Fleet fleet,
            Standings standings,
            People people,
            OnceOnly onceOnly,
            FleetRevision revision) {
        this.pages = pages;
        this.costs = costs;
        this.stock = stock;
        this.newItems = newItems;
        this.items = items;
        this.fleet = fleet;
        this.standings = standings;
        this.people = people;
        this.onceOnly = onceOnly;
        this.revision = revision;
    }

    /**
     * An item, new or changed.
     *
     * @param version that the sender saw; absent for a new one
     */
    record ItemInput(
            UUID id, @Nullable UUID itemId, @Nullable Integer version, StockKind kind, StockItem.Card card) {}

    /** Something came in. */
    record Received(
            UUID id,
            double amount,
            @Nullable UUID orderId,
            @Nullable String note) {}

    /** Something was ordered; {@code supplier} and {@code expectedOn} are absent when nobody said. */
    record NewOrder(
            UUID id,
            double amount,
            @Nullable String supplier,
            @Nullable LocalDate expectedOn) {}

    /** An order is called off. */
    record CalledOff(UUID id) {}

    /** The shelf was counted. */
    record Counted(UUID id, double amount, String reason) {}

    @GetMapping("/api/stores")
    StoresPages.StoresPage page() {
        return pages.page();
    }

    @GetMapping("/api/stores/costs")
    CostPages.CostPage costs() {
        return costs.page();
    }

    @GetMapping("/api/stores/items/{itemId}/moves")
    List<StoresPages.MoveView> history(@PathVariable UUID itemId) {
        return pages.history(itemId);
    }

    @GetMapping("/api/saws/{tag}/takeable/{step}")
    List<StoresPages.Takeable> takeable(@PathVariable String tag, @PathVariable Step step) {
        return pages.takeable(standings.of(fleet.sawInService(tag)), step);
    }

    @PostMapping("/api/stores/items")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(@RequestBody ItemInput given) {
        onceOnly.run(given.id(), given, () -> {
            revision.touchesNone();
            people.actingOfficer();
            if (given.itemId() == null) {
                newItems.add(given.kind(), given.card());
                return;
            }
            StockItem.Card card = newItems.card(given.itemId(), given.card());
            StockItem item = items.locked(given.itemId()).orElseThrow(() -> Refusal.gone("stock.unknown"));
            if (given.version() == null || item.version() != given.version()) {
                throw Refusal.stale(item.card(), "stock.stale", item.card().name());
            }
            item.put(card);
        });
    }

    @PostMapping("/api/stores/items/{itemId}/received")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void received(@PathVariable UUID itemId, @RequestBody Received given) {
        onceOnly.run(given.id(), new OfItem(itemId, given), () -> {
            revision.touchesNone();
            Violations wrong = new Violations();
            String note = wrong.optionalText("note", given.note(), 300);
            wrong.refuseIfAny();
            stock.receive(
                    UUID.randomUUID(),
                    itemId,
                    given.amount(),
                    given.orderId(),
                    note,
                    people.acting().id());
        });
    }

    @PostMapping("/api/stores/items/{itemId}/orders")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void ordered(@PathVariable UUID itemId, @RequestBody NewOrder given) {
        onceOnly.run(given.id(), new OfItem(itemId, given), () -> {
            revision.touchesNone();
            Violations wrong = new Violations();
            String supplier = wrong.optionalText("supplier", given.supplier(), 80);
            wrong.refuseIfAny();
            stock.order(
                    given.id(),
                    new StockOrder.Ordered(itemId, given.amount(), supplier, given.expectedOn()),
                    people.acting().id());
        });
    }

    @PostMapping("/api/stores/orders/{orderId}/called-off")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void calledOff(@PathVariable UUID orderId, @RequestBody CalledOff given) {
        onceOnly.run(given.id(), List.of(orderId, given), () -> {
            revision.touchesNone();
            stock.callOff(orderId, people.acting().id());
        });
    }

    @PostMapping("/api/stores/items/{itemId}/counted")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void counted(@PathVariable UUID itemId, @RequestBody Counted given) {
        onceOnly.run(given.id(), new OfItem(itemId, given), () -> {
            revision.touchesNone();
            Violations wrong = new Violations();
            String reason = wrong.text("reason", given.reason(), 300);
            wrong.refuseIfAny();
            stock.counted(
                    UUID.randomUUID(),
                    itemId,
                    given.amount(),
                    reason,
                    people.actingOfficer().id());
        });
    }

    /** A write and the item it is for. */
    record OfItem(UUID itemId, Object given) {}
}
