package yellowtally.server.away;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

/** Record: what was said of when a saw comes back and what that will cost. Never changed: another word follows. */
@Entity
class AwayWord {

    @Id
    private UUID id;

    private UUID awayId;

    @Column
    private @Nullable LocalDate expectedOn;

    private boolean counted;

    @Column
    private @Nullable Integer quoteCents;

    @Column
    private @Nullable Integer newCents;

    @Column
    private @Nullable String note;

    private Instant at;
    private UUID personId;

    @Column
    private @Nullable String device = Acting.deviceOrNone();

    protected AwayWord() {}

    AwayWord(UUID id, UUID awayId, AwayBook.SaidOfReturn said, Instant at, UUID personId) {
        this.id = id;
        this.awayId = awayId;
        this.expectedOn = said.expectedOn();
        this.counted = said.counted();
        this.quoteCents = said.quoteCents();
        this.newCents = said.newCents();
        this.note = said.note();
        this.at = at;
        this.personId = personId;
    }

    UUID awayId() {
        return awayId;
    }

    AwayBook.SaidOfReturn said() {
        return new AwayBook.SaidOfReturn(expectedOn, counted, quoteCents, newCents, note);
    }

    Instant at() {
        return at;
    }

    UUID personId() {
        return personId;
    }
}
