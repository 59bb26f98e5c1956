package yellowtally.server.stores;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Record: parts like one that is known were ordered, so many pieces. */
@Entity
public class PartOrder extends Awaited {

    private UUID likeId;

    /** For Hibernate, which fills the fields. */
    @SuppressWarnings("NullAway.Init")
    protected PartOrder() {}

    public PartOrder(
            UUID id,
            UUID likeId,
            double pieces,
            @Nullable String supplier,
            @Nullable LocalDate expectedOn,
            Instant at,
            UUID personId) {
        super(id, pieces, supplier, expectedOn, at, personId);
        this.likeId = likeId;
    }

    @Override
    UUID of() {
        return likeId;
    }
}
