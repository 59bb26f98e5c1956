package yellowtally.server.away;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Record: what was said of a part that is away. What a new one costs stands on the part itself. */
@Entity
class PartAwayWord extends Word {

    protected PartAwayWord() {}

    PartAwayWord(UUID id, UUID awayId, SaidOfReturn said, Instant at, UUID personId) {
        super(id, awayId, said, at, personId);
    }

    @Override
    @Nullable
    Integer newCents() {
        return null;
    }
}
