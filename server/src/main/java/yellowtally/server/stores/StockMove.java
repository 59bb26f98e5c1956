package yellowtally.server.stores;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

/** Record: something came onto the shelf or left it. Never changed; a wrong one is set right by a count. */
@Entity
public class StockMove {

    @Id
    private UUID id;

    private UUID itemId;
    private double amount;

    @Enumerated(EnumType.STRING)
    private MoveCause cause;

    private @Nullable UUID sawId;

    @Column
    private @Nullable UUID recordId;

    private @Nullable String reason;
    private Instant at;
    private UUID personId;

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    protected StockMove() {}

    /** Why something moved. */
    public enum MoveCause {
        /** For work on a saw. */
        USED,
        RECEIVED,
        /** The shelf was counted, and it was not what the book said. */
        COUNTED
    }

    /**
     * What moved.
     *
     * @param amount over zero onto the shelf, below zero off it
     */
    public record Moved(
            UUID itemId,
            double amount,
            MoveCause cause,
            @Nullable String reason) {}

    public StockMove(UUID id, Moved moved, @Nullable UUID sawId, @Nullable UUID recordId, Instant at, UUID personId) {
        this.id = id;
        this.itemId = moved.itemId();
        this.amount = moved.amount();
        this.cause = moved.cause();
        this.reason = moved.reason();
        this.sawId = sawId;
        this.recordId = recordId;
        this.at = at;
        this.personId = personId;
    }

    public UUID itemId() {
        return itemId;
    }

    public double amount() {
        return amount;
    }

    public MoveCause cause() {
        return cause;
    }

    public @Nullable UUID sawId() {
        return sawId;
    }

    public @Nullable String reason() {
        return reason;
    }

    public Instant at() {
        return at;
    }

    public UUID personId() {
        return personId;
    }
}
