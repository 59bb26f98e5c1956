package yellowtally.server.calendar;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.repository.ListCrudRepository;

/** An address under which a calendar program reads the schedule without signing in, until an officer ends it. */
@Entity
class CalendarFeed {

    /** Keeps them. */
    interface Feeds extends ListCrudRepository<CalendarFeed, UUID> {
        Optional<CalendarFeed> findBySecret(String secret);

        List<CalendarFeed> findByEndedAtNullOrderByAt();
    }

    @Id
    private UUID id;

    @Column
    private String secret;

    private UUID personId;
    private Instant at;

    @Column
    private @Nullable Instant endedAt;

    protected CalendarFeed() {}

    /** @param secret the SHA-256 of what its address carries */
    CalendarFeed(UUID id, String secret, UUID personId, Instant at) {
        this.id = id;
        this.secret = secret;
        this.personId = personId;
        this.at = at;
    }

    UUID id() {
        return id;
    }

    UUID personId() {
        return personId;
    }

    Instant at() {
        return at;
    }

    boolean ended() {
        return endedAt != null;
    }

    void end(Instant moment) {
        this.endedAt = moment;
    }
}
