package yellowtally.server.away;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

/** What was said of when something comes back and what that will cost. Never changed: another word follows. */
@MappedSuperclass
abstract class Word {

    @Id
    private UUID id;

    private UUID awayId;

    @Column
    private @Nullable LocalDate expectedOn;

    private boolean counted;

    @Column
    private @Nullable Integer quoteCents;

    @Column
    private @Nullable String note;

    private Instant at;
    private UUID personId;

    @Column
    private @Nullable String device = Acting.deviceOrNone();

    /** For Hibernate, which fills the fields. */
    @SuppressWarnings("NullAway.Init")
    protected Word() {}

    Word(UUID id, UUID awayId, SaidOfReturn said, Instant at, UUID personId) {
        this.id = id;
        this.awayId = awayId;
        this.expectedOn = said.expectedOn();
        this.counted = said.counted();
        this.quoteCents = said.quoteCents();
        this.note = said.note();
        this.at = at;
        this.personId = personId;
    }

    UUID awayId() {
        return awayId;
    }

    /** What a new one costs, hundredths; {@code null} where nobody said. */
    abstract @Nullable Integer newCents();

    SaidOfReturn said() {
        return new SaidOfReturn(expectedOn, counted, quoteCents, newCents(), note);
    }

    Instant at() {
        return at;
    }

    UUID personId() {
        return personId;
    }
}
