package yellowtally.server.stores;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

/** Something that was ordered. What was ordered is never changed; it comes in one day, or is called off. */
@MappedSuperclass
abstract class Awaited {

    @Id
    private UUID id;

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

    /** For Hibernate, which fills the fields. */
    @SuppressWarnings("NullAway.Init")
    protected Awaited() {}

    Awaited(
            UUID id,
            double amount,
            @Nullable String supplier,
            @Nullable LocalDate expectedOn,
            Instant at,
            UUID personId) {
        this.id = id;
        this.amount = amount;
        this.supplier = supplier;
        this.expectedOn = expectedOn;
        this.at = at;
        this.personId = personId;
    }

    /** What it is of: an item of the stores, or a part that what comes is like. */
    abstract UUID of();

    UUID id() {
        return id;
    }

    /** What a screen shows of it; {@code by} is the name of who ordered it. */
    OrderView view(String by) {
        return new OrderView(id, amount, supplier, expectedOn, at, by);
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
