package yellowtally.server.stores;

import java.time.Clock;
import java.util.Collection;
import java.util.Comparator;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.steps.Step;
import yellowtally.server.stores.StockMove.MoveCause;
import yellowtally.server.stores.StockMove.Moved;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Puts things onto the shelf and takes them off; never below zero. Runs within the caller's transaction. */
@Service
public class Stock {

    private static final double MOST = 100_000;
    private static final double ROUNDING = 1e-9;

    private final StockRepositories.Items items;
    private final StockRepositories.Moves moves;
    private final StockRepositories.Orders orders;
    private final Clock clock;

    Stock(StockRepositories.Items items, StockRepositories.Moves moves, StockRepositories.Orders orders, Clock clock) {
        this.items = items;
        this.moves = moves;
        this.orders = orders;
        this.clock = clock;
    }

    /** The work that something is taken for. */
    public record ForWork(Step step, UUID sawId, UUID recordId, UUID personId) {}

    /** Takes what a step used; refuses what is not there, or does not belong to the step. */
    public void take(Collection<StockTake> takes, ForWork work) {
        // In one order: two who take the same things crosswise would wait for each other.
        for (StockTake take :
                takes.stream().sorted(Comparator.comparing(StockTake::itemId)).toList()) {
            StockItem item = locked(take.itemId());
            if (!item.kind().takenAt(work.step())) {
                throw Refusal.unfit("takes", "stock.otherStep", item.card().name());
            }
            requireAmount("takes", item, take.amount());
            double shelf = shelf(item);
            if (take.amount() > shelf + ROUNDING) {
                throw Refusal.conflict("takes", "stock.below", item.card().name(), shelf, take.amount());
            }
            moves.save(new StockMove(
                    UUID.randomUUID(),
                    new Moved(item.id(), -take.amount(), MoveCause.USED, null),
                    work.sawId(),
                    work.recordId(),
                    clock.instant(),
                    work.personId()));
        }
    }

    /** Writes down what was ordered. */
    void order(UUID orderId, StockOrder.Ordered ordered, UUID personId) {
        requireAmount("amount", locked(ordered.itemId()), ordered.amount());
        orders.save(new StockOrder(orderId, ordered, clock.instant(), personId));
    }

    /** An order comes no more. */
    void callOff(UUID orderId, UUID personId) {
        awaited(orderId).close(clock.instant(), personId);
    }

    private StockOrder awaited(UUID orderId) {
        StockOrder order = orders.findById(orderId).orElseThrow(() -> Refusal.gone("stock.noOrder"));
        if (!order.awaited()) {
            throw Refusal.conflict("", "stock.orderClosed");
        }
        return order;
    }

    /** Puts what came in onto the shelf; the order that it came by is awaited no more, however much it was. */
    public void receive(
            UUID moveId, UUID itemId, double amount, @Nullable UUID orderId, @Nullable String note, UUID personId) {
        StockItem item = locked(itemId);
        requireAmount("amount", item, amount);
        if (orderId != null) {
            StockOrder order = awaited(orderId);
            if (!order.of().equals(itemId)) {
                throw Refusal.conflict("", "stock.noOrder");
            }
            order.close(clock.instant(), personId);
        }
        moves.save(move(moveId, new Moved(itemId, amount, MoveCause.RECEIVED, note), personId));
    }

    /** Sets the book right after a count. */
    void counted(UUID moveId, UUID itemId, double found, String reason, UUID personId) {
        StockItem item = locked(itemId);
        if (found < 0) {
            throw Refusal.unfit("amount", "stock.countBelow");
        }
        requireForm("amount", item, found);
        double off = found - shelf(item);
        if (Math.abs(off) < ROUNDING) {
            throw Refusal.conflict("amount", "stock.countSame", item.card().name());
        }
        moves.save(move(moveId, new Moved(itemId, off, MoveCause.COUNTED, reason), personId));
    }

    double shelf(StockItem item) {
        Double sum = moves.shelf(item.id());
        return sum == null ? 0 : sum;
    }

    private StockMove move(UUID id, Moved moved, UUID personId) {
        return new StockMove(id, moved, null, null, clock.instant(), personId);
    }

    private StockItem locked(UUID itemId) {
        return items.locked(itemId).orElseThrow(() -> Refusal.gone("stock.unknown"));
    }

    private static void requireAmount(String field, StockItem item, double amount) {
        if (!(amount > 0)) {
            throw Refusal.unfit(field, "stock.amount");
        }
        requireForm(field, item, amount);
    }

    private static void requireForm(String field, StockItem item, double amount) {
        Violations wrong = new Violations();
        wrong.number(field, amount, 0, MOST);
        if (item.kind().unit().whole() && amount != Math.rint(amount)) {
            wrong.add(field, "stock.whole", item.card().name());
        }
        wrong.refuseIfAny();
    }
}
