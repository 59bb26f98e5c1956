package yellowtally.server.photos;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;
import yellowtally.server.people.Strikable;

/** Record: a photo was put to a complaint or to a record of work. Never changed; a wrong one is struck out. */
@Entity
class Photo extends Strikable {

    @Id
    private UUID id;

    private UUID sawId;
    private @Nullable UUID faultId;
    private @Nullable UUID recordId;

    @Embedded
    private Picture picture;

    private Instant at;
    private UUID personId;

    @Column
    private @Nullable String device = Acting.deviceOrNone();

    protected Photo() {}

    /**
     * The picture as it is kept.
     *
     * @param fileSum SHA-256 of its bytes, by which it is found beside the records
     */
    @Embeddable
    record Picture(String fileSum, int widthPx, int heightPx) {}

    /**
     * @param aboutId the fault, or the record of work
     */
    Photo(UUID id, UUID sawId, PhotoAbout about, UUID aboutId, Picture picture, Instant at, UUID personId) {
        this.id = id;
        this.sawId = sawId;
        this.faultId = about == PhotoAbout.FAULT ? aboutId : null;
        this.recordId = about == PhotoAbout.RECORD ? aboutId : null;
        this.picture = picture;
        this.at = at;
        this.personId = personId;
    }

    UUID id() {
        return id;
    }

    UUID sawId() {
        return sawId;
    }

    UUID aboutId() {
        return Objects.requireNonNull(faultId == null ? recordId : faultId);
    }

    Picture picture() {
        return picture;
    }

    Instant at() {
        return at;
    }

    UUID personId() {
        return personId;
    }
}
