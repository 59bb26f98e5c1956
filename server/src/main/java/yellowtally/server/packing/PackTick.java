package yellowtally.server.packing;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.repository.ListCrudRepository;
import yellowtally.core.pack.PackKind;
import yellowtally.server.people.Acting;

/** Record: something went into a pack, or was taken out again. Never changed: what was said last of a thing counts. */
@Entity
public class PackTick {

    /** No gang takes more of anything: a drum of fuel, mL. */
    static final double MOST = 200_000;

    @Id
    private UUID id;

    @Column
    private UUID bookingId;

    @Enumerated(EnumType.STRING)
    private PackKind kind;

    private String name;
    private @Nullable Double figure;
    private double amount;
    private Instant at;
    private UUID personId;

    @Column
    private @Nullable String device = Acting.deviceOrNone();

    protected PackTick() {}

    /** @param amount how many, or mL of what is measured out; 0 when it was taken out again */
    PackTick(UUID id, UUID bookingId, Thing thing, double amount, Instant at, UUID personId) {
        this.id = id;
        this.bookingId = bookingId;
        this.kind = thing.kind();
        this.name = thing.name();
        this.figure = thing.figure();
        this.amount = amount;
        this.at = at;
        this.personId = personId;
    }

    UUID bookingId() {
        return bookingId;
    }

    /** What it is. */
    record Thing(PackKind kind, String name, @Nullable Double figure) {}

    Thing thing() {
        return new Thing(kind, name, figure);
    }

    double amount() {
        return amount;
    }

    Instant at() {
        return at;
    }

    UUID personId() {
        return personId;
    }

    interface Ticks extends ListCrudRepository<PackTick, UUID> {
        /** In the order in which they were said. */
        List<PackTick> findByBookingIdInOrderByAt(Collection<UUID> bookings);
    }
}
