package yellowtally.server.stores;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Record: an item of the stores was ordered. */
@Entity
public class StockOrder extends Awaited {

    private UUID itemId;

    /** For Hibernate, which fills the fields. */
    @SuppressWarnings("NullAway.Init")
    protected StockOrder() {}

    /**
     * What was ordered.
     *
     * @param amount in units of the item, over zero
     * @param supplier whom it was ordered from; absent when nobody said
     * @param expectedOn when it should come; absent likewise
     */
    public record Ordered(
            UUID itemId,
            double amount,
            @Nullable String supplier,
            @Nullable LocalDate expectedOn) {}

    public StockOrder(UUID id, Ordered ordered, Instant at, UUID personId) {
        super(id, ordered.amount(), ordered.supplier(), ordered.expectedOn(), at, personId);
        this.itemId = ordered.itemId();
    }

    @Override
    UUID of() {
        return itemId;
    }
}
