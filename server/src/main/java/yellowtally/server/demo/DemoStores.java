package yellowtally.server.demo;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stores.StockFit;
import yellowtally.core.stores.StockKind;
import yellowtally.server.stores.FuelCan;
import yellowtally.server.stores.StockItem;
import yellowtally.server.stores.StockMove;
import yellowtally.server.stores.StockMove.MoveCause;
import yellowtally.server.stores.StockMove.Moved;
import yellowtally.server.stores.StockOrder;

/** A made-up shelf: plugs, files, oil and the rest, with three months of takings. */
final class DemoStores {

    private static final int DAYS = 100;

    private final EntityManager records;
    private final Clock clock;
    private final UUID officer;
    private final Random random = new Random(4711);

    DemoStores(EntityManager records, Clock clock, UUID officer) {
        this.records = records;
        this.clock = clock;
        this.officer = officer;
    }

    /**
     * An item.
     *
     * @param everyDays one taking in so many days; 0 for none
     * @param takes how much each time
     * @param left what lies there now
     */
    private record Line(
            StockKind kind,
            String name,
            @Nullable String fits,
            double least,
            double pack,
            int cents,
            int everyDays,
            double takes,
            double left) {}

    private static final List<Line> LINES = List.of(
            new Line(StockKind.PLUG, "Plug P-45", "P-45", 2, 1, 420, 30, 1, 4),
            new Line(StockKind.PLUG, "Plug P-60", "P-60", 2, 1, 480, 25, 1, 1),
            new Line(StockKind.AIR_FILTER, "Filter K45", "Kestrup K45", 1, 1, 1150, 40, 1, 2),
            new Line(StockKind.AIR_FILTER, "Filter Sixty", "Harrowgill Sixty", 1, 1, 1490, 45, 1, 2),
            new Line(StockKind.FILE, "Round file 4.0", "4.0", 3, 6, 190, 8, 1, 7),
            new Line(StockKind.FILE, "Round file 4.8", "4.8", 3, 6, 190, 4, 1, 2),
            new Line(StockKind.FILE, "Round file 5.2", "5.2", 3, 6, 210, 6, 1, 9),
            new Line(StockKind.BAR_OIL, "Bar oil", null, 5, 5, 380, 2, 1.5, 22),
            new Line(StockKind.TWO_STROKE_OIL, "Two-stroke oil", null, 1, 1, 900, 9, 0.2, 2.6),
            new Line(StockKind.GREASE, "Nose and bearing grease", null, 20, 60, 8, 3, 2, 85),
            new Line(StockKind.NEEDLE_BEARING, "Needle bearing 10", null, 1, 1, 640, 0, 0, 2),
            new Line(StockKind.BAR_GUARD, "Bar guard 18 in", null, 1, 1, 750, 50, 1, 3),
            new Line(StockKind.PICK_UP_FILTER, "Pick-up filter", null, 2, 5, 210, 60, 1, 6));

    /** A saw that takes from the shelf, and what fits it. */
    record Taker(UUID saw, StockFit.Asks asks) {}

    void fill(List<Taker> takers) {
        cans();
        for (Line line : LINES) {
            StockItem item = new StockItem(
                    UUID.randomUUID(),
                    line.kind(),
                    new StockItem.Card(line.name(), line.fits(), line.least(), null, line.pack(), line.cents()));
            records.persist(item);
            List<Taker> fitting = takers.stream()
                    .filter(taker -> StockFit.fits(line.kind(), line.fits(), taker.asks(), Numbers.STANDARD))
                    .toList();
            double taken = 0;
            for (int day = DAYS - 1; line.everyDays() > 0 && day > 0; day -= line.everyDays()) {
                taken += line.takes();
                UUID saw = fitting.get(random.nextInt(fitting.size())).saw();
                move(item, -line.takes(), MoveCause.USED, saw, day, null);
            }
            double first = Math.ceil(line.left() + taken);
            move(item, first, MoveCause.RECEIVED, null, DAYS, "First filling of the shelf");
            if (first > line.left() + taken + 1e-9) {
                move(item, line.left() + taken - first, MoveCause.COUNTED, null, 1, "Counted: a can had leaked");
            }
            if (line.kind() == StockKind.PICK_UP_FILTER) {
                awaited(item);
            }
        }
    }

    /** Ordered last week, and not there yet. */
    private void awaited(StockItem item) {
        Instant at = clock.instant().minus(Duration.ofDays(6));
        LocalDate expected = LocalDate.now(clock).plusDays(3);
        records.persist(new StockOrder(
                UUID.randomUUID(), new StockOrder.Ordered(item.id(), 5, "Lineside Supplies", expected), at, officer));
    }

    /** Two cans of this month, and one that nobody emptied. */
    private void cans() {
        can("Red 1", 41, 5000);
        can("Red 2", 12, 5000);
        can("Yard drum", 3, 20000);
    }

    private void can(String name, int daysAgo, double fuelMl) {
        Instant at = clock.instant().minus(Duration.ofDays(daysAgo));
        records.persist(new FuelCan(
                UUID.randomUUID(),
                new FuelCan.Mixed(name, 50, fuelMl, LocalDate.ofInstant(at, clock.getZone())),
                at,
                officer,
                DemoFleet.DEVICE));
    }

    private void move(
            StockItem item, double amount, MoveCause cause, @Nullable UUID saw, int daysAgo, @Nullable String reason) {
        Instant at = clock.instant().minus(Duration.ofDays(daysAgo));
        records.persist(
                new StockMove(UUID.randomUUID(), new Moved(item.id(), amount, cause, reason), saw, null, at, officer));
    }
}
