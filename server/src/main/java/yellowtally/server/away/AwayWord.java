package yellowtally.server.away;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Record: what was said of a saw that is away. */
@Entity
class AwayWord extends Word {

    @Column
    private @Nullable Integer newCents;

    protected AwayWord() {}

    AwayWord(UUID id, UUID awayId, SaidOfReturn said, Instant at, UUID personId) {
        super(id, awayId, said, at, personId);
        this.newCents = said.newCents();
    }

    @Override
    @Nullable
    Integer newCents() {
        return newCents;
    }
}
