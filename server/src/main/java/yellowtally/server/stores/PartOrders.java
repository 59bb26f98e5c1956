package yellowtally.server.stores;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.server.fleet.NewParts;
import yellowtally.server.fleet.Part;
import yellowtally.server.fleet.PartFinder;
import yellowtally.server.people.People;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Tagged parts that are ordered, like one that is known; what comes gets its tag when it is there. */
@Service
class PartOrders {

    private static final int MOST_PIECES = 50;
    private static final int NAME = 80;

    private final StockRepositories.PartOrders orders;
    private final PartFinder finder;
    private final NewParts newParts;
    private final EntityManager records;
    private final People people;
    private final Clock clock;

    PartOrders(
            StockRepositories.PartOrders orders,
            PartFinder finder,
            NewParts newParts,
            EntityManager records,
            People people,
            Clock clock) {
        this.orders = orders;
        this.finder = finder;
        this.newParts = newParts;
        this.records = records;
        this.people = people;
        this.clock = clock;
    }

    /**
     * What came by an order.
     *
     * @param tags the tag of each piece; as many as came, whatever was ordered
     * @param costCents of one, hundredths of the fleet's currency; absent while there is no bill
     */
    record CameIn(UUID id, List<String> tags, @Nullable Integer costCents) {}

    /** Writes down that parts like one that is known were ordered. */
    void order(UUID orderId, String like, double pieces, @Nullable String supplier, @Nullable LocalDate expectedOn) {
        UUID officer = people.actingOfficer().id();
        Part part = finder.tagged(like);
        Violations wrong = new Violations();
        wrong.number("amount", pieces, 1, MOST_PIECES);
        if (pieces != Math.rint(pieces)) {
            wrong.add("amount", "stock.whole", part.tag());
        }
        String from = wrong.optionalText("supplier", supplier, NAME);
        wrong.refuseIfAny();
        orders.save(new PartOrder(orderId, part.id(), pieces, from, expectedOn, clock.instant(), officer));
    }

    /** It comes no more. */
    void callOff(UUID orderId) {
        UUID officer = people.actingOfficer().id();
        awaited(orderId).close(clock.instant(), officer);
    }

    private PartOrder awaited(UUID orderId) {
        PartOrder order = orders.locked(orderId).orElseThrow(() -> Refusal.gone("stock.noOrder"));
        if (!order.awaited()) {
            throw Refusal.conflict("", "stock.orderClosed");
        }
        return order;
    }

    /** Puts what came onto the shelf; the order is awaited no more. */
    void came(UUID orderId, CameIn given) {
        UUID officer = people.actingOfficer().id();
        PartOrder order = awaited(orderId);
        Part like = finder.find(order.of()).orElseThrow();
        Violations wrong = new Violations();
        Integer cents = given.costCents();
        wrong.cents("costCents", cents, 0, Part.MOST_CENTS);
        if (given.tags().isEmpty()) {
            wrong.add("tags", "missing");
        } else if (given.tags().size() > MOST_PIECES) {
            wrong.add("tags", "number.range", 1, MOST_PIECES);
        }
        Set<String> here = new TreeSet<>();
        List<Part> parts = new ArrayList<>();
        for (String tag : given.tags()) {
            if (here.add(tag.toUpperCase(Locale.ROOT))) {
                parts.add(newParts.another(like, "tags", tag, wrong));
            } else {
                wrong.add("tags", "part.taken", tag);
            }
        }
        wrong.refuseIfAny();
        parts.forEach(part -> {
            part.costs(cents);
            records.persist(part);
        });
        order.close(clock.instant(), officer);
    }
}
