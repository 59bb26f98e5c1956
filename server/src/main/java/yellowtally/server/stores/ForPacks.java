package yellowtally.server.stores;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.pack.ShelfLoop;
import yellowtally.core.pack.Stores;
import yellowtally.core.steps.Subject;
import yellowtally.core.stores.StockFit;
import yellowtally.core.stores.StockKind;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.PartCheck;
import yellowtally.server.fleet.PartsElsewhere;
import yellowtally.server.stores.StockRepositories.Shelf;

/** What the shelf has for packs: counted items, and loops that may be fitted. */
@Component
public class ForPacks {

    private static final double ML_PER_LITRE = 1000;

    private final StockRepositories.Items items;
    private final StockRepositories.Moves moves;
    private final Fleet fleet;
    private final PartCheck check;
    private final PartsElsewhere elsewhere;

    ForPacks(
            StockRepositories.Items items,
            StockRepositories.Moves moves,
            Fleet fleet,
            PartCheck check,
            PartsElsewhere elsewhere) {
        this.items = items;
        this.moves = moves;
        this.fleet = fleet;
        this.check = check;
        this.elsewhere = elsewhere;
    }

    /** Loops on the shelf, by their tags; one that is away is not there, and one that is back and unseen goes with no gang. */
    public List<ShelfLoop> loops() {
        Set<UUID> condemned = check.condemned(Subject.CHAIN);
        PartsElsewhere.Now gone = elsewhere.now();
        return fleet.loopsOnShelf().stream()
                .filter(loop -> !condemned.contains(loop.chain().id()))
                .filter(loop -> !gone.away().containsKey(loop.chain().id())
                        && !gone.unseen().contains(loop.chain().id()))
                .map(loop -> new ShelfLoop(
                        loop.chain().tag(),
                        loop.chain().spec().words(),
                        loop.chain().spec(),
                        !loop.ran()))
                .toList();
    }

    /** Counted items, as they lie there. */
    public Stores now() {
        Map<UUID, Double> shelves = moves.shelves().stream().collect(Collectors.toMap(Shelf::itemId, Shelf::amount));
        return new Counted(items.findAllByOrderByName(), shelves);
    }

    /** As it was read. */
    private record Counted(Collection<StockItem> items, Map<UUID, Double> shelves) implements Stores {

        /** What lies there of a kind; items that fit every saw are among them. */
        private @Nullable Double sum(StockKind kind, Predicate<String> fits) {
            List<StockItem> found = items.stream()
                    .filter(item -> item.kind() == kind)
                    .filter(item ->
                            item.card().fits() == null || fits.test(item.card().fits()))
                    .toList();
            return found.isEmpty()
                    ? null
                    : Double.valueOf(found.stream()
                            .mapToDouble(item -> Math.max(0, shelves.getOrDefault(item.id(), 0.0)))
                            .sum());
        }

        @Override
        public @Nullable Double files(double mm) {
            return sum(StockKind.FILE, fits -> StockFit.isFile(fits, mm));
        }

        @Override
        public @Nullable Double plugs(String code) {
            return sum(StockKind.PLUG, code::equalsIgnoreCase);
        }

        @Override
        public @Nullable Double airFilters(String model) {
            return sum(StockKind.AIR_FILTER, model::equalsIgnoreCase);
        }

        @Override
        public @Nullable Double barOilMl() {
            return millilitres(StockKind.BAR_OIL);
        }

        @Override
        public @Nullable Double mixOilMl() {
            return millilitres(StockKind.TWO_STROKE_OIL);
        }

        private @Nullable Double millilitres(StockKind kind) {
            Double litres = sum(kind, fits -> true);
            return litres == null ? null : Double.valueOf(litres * ML_PER_LITRE);
        }
    }
}
