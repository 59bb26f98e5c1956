package yellowtally.server.people;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Record: what changed about a person, a crew, a device or a calendar feed, and who changed it. Never changed. */
@Entity
public class PeopleEvent {

    /** What happened. */
    public enum PeopleEventKind {
        ADDED,
        RENAMED,
        RANK,
        LEFT,
        CAME_BACK,
        ACCESS_GIVEN,
        PASSWORD_CHANGED,
        PIN_CHANGED,
        PIN_LOCKED,
        DEVICE_NAMED,
        DEVICE_SHARED,
        DEVICE_FORGOTTEN,
        FEED_MADE,
        FEED_ENDED
    }

    /** Whom or what it is about; both absent of a device or a calendar feed. */
    public record About(@Nullable UUID personId, @Nullable UUID crewId) {

        public static About person(UUID id) {
            return new About(id, null);
        }

        public static About crew(UUID id) {
            return new About(null, id);
        }

        public static About nobody() {
            return new About(null, null);
        }
    }

    @Id
    private UUID id;

    private Instant at;
    private UUID byId;

    @Column
    private @Nullable String device = Acting.deviceOrNone();

    @Column
    private @Nullable UUID personId;

    @Column
    private @Nullable UUID crewId;

    @Enumerated(EnumType.STRING)
    private PeopleEventKind kind;

    @Column
    private @Nullable String said;

    protected PeopleEvent() {}

    /** {@code said}: a name as it was and as it is, a rank; no more than 200 characters. */
    public PeopleEvent(PeopleEventKind kind, About about, @Nullable String said, Instant at, UUID byId) {
        this.id = UUID.randomUUID();
        this.kind = kind;
        this.personId = about.personId();
        this.crewId = about.crewId();
        this.said = said;
        this.at = at;
        this.byId = byId;
    }

    public UUID id() {
        return id;
    }

    public Instant at() {
        return at;
    }

    public UUID byId() {
        return byId;
    }

    public @Nullable String device() {
        return device;
    }

    public @Nullable UUID personId() {
        return personId;
    }

    public @Nullable UUID crewId() {
        return crewId;
    }

    public PeopleEventKind kind() {
        return kind;
    }

    public @Nullable String said() {
        return said;
    }
}
