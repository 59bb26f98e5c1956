package yellowtally.server.stores;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

/** Record: something was ordered. What was ordered is never changed; it comes in one day, or is called off. */
@Entity
public class StockOrder {

    @Id
    private UUID id;

    @Column
    private UUID itemId;

    private double amount;
    private @Nullable String supplier;
    private @Nullable LocalDate expectedOn;
    private Instant at;
    private UUID personId;

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    private @Nullable Instant closedAt;

    @Column
    private @Nullable UUID closedBy;

    @Column
    private @Nullable String closedDevice;

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
        this.id = id;
        this.itemId = ordered.itemId();
        this.amount = ordered.amount();
        this.supplier = ordered.supplier();
        this.expectedOn = ordered.expectedOn();
        this.at = at;
        this.personId = personId;
    }

    UUID id() {
        return id;
    }

    Ordered ordered() {
        return new Ordered(itemId, amount, supplier, expectedOn);
    }

    Instant at() {
        return at;
    }

    UUID personId() {
        return personId;
    }

    boolean awaited() {
        return closedAt == null;
    }

    void close(Instant when, UUID by) {
        this.closedAt = when;
        this.closedBy = by;
        this.closedDevice = Acting.deviceOrNone();
    }
}
