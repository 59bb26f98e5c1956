package yellowtally.server.stores;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;

/** The repositories of the stores room. */
final class StockRepositories {

    private StockRepositories() {}

    /** What lies there of an item, and since when it is counted. */
    record Shelf(UUID itemId, Double amount, Instant since) {

        /** Nothing of it was ever counted or moved. */
        static Shelf empty(UUID itemId) {
            return new Shelf(itemId, 0.0, Instant.EPOCH);
        }
    }

    /** What a saw has used of an item. */
    record UsedBySaw(UUID sawId, UUID itemId, Double amount) {}

    interface Cans extends ListCrudRepository<FuelCan, UUID> {
        List<FuelCan> findAllByEmptiedAtIsNull();
    }

    interface Orders extends ListCrudRepository<StockOrder, UUID> {
        List<StockOrder> findAllByClosedAtIsNullOrderByAt();
    }

    interface PartOrders extends ListCrudRepository<PartOrder, UUID> {

        /** Two who take in the same delivery: the second waits, and finds it come. */
        @Lock(LockModeType.PESSIMISTIC_WRITE)
        @Query("select o from PartOrder o where o.id = :id")
        Optional<PartOrder> locked(UUID id);

        List<PartOrder> findAllByClosedAtIsNullOrderByAt();
    }

    interface Items extends ListCrudRepository<StockItem, UUID> {

        /** Two hands at one shelf: the second waits until the first has put down what it took. */
        @Lock(LockModeType.PESSIMISTIC_WRITE)
        @Query("select i from StockItem i where i.id = :id")
        Optional<StockItem> locked(UUID id);

        Optional<StockItem> findByName(String name);

        List<StockItem> findAllByOrderByName();
    }

    interface Moves extends ListCrudRepository<StockMove, UUID> {

        @Query("select sum(m.amount) from StockMove m where m.itemId = :item")
        @Nullable
        Double shelf(UUID item);

        @Query("select m.itemId, sum(m.amount), min(m.at) from StockMove m group by m.itemId")
        List<Shelf> shelves();

        @Query("select m from StockMove m where m.cause = USED and m.at >= :since order by m.at")
        List<StockMove> usedSince(Instant since);

        @Query("select m.sawId, m.itemId, -sum(m.amount) from StockMove m where m.cause = USED and m.sawId is not null"
                + " group by m.sawId, m.itemId")
        List<UsedBySaw> usedBySaw();

        List<StockMove> findTop30ByItemIdOrderByAtDesc(UUID itemId);
    }
}
