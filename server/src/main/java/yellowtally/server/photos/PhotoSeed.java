package yellowtally.server.photos;

import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Puts a photo of the demo data to a complaint. */
@Component
public class PhotoSeed {

    private final EntityManager records;
    private final PhotoFolder folder;

    PhotoSeed(EntityManager records, PhotoFolder folder) {
        this.records = records;
        this.folder = folder;
    }

    /**
     * Puts one that is as small as they are kept.
     *
     * @param resource where it lies in this application
     */
    public void put(UUID sawId, UUID faultId, String resource, int width, int height, Instant at, UUID personId) {
        try (InputStream in = Objects.requireNonNull(PhotoSeed.class.getResourceAsStream(resource), resource)) {
            Photo.Picture picture = new Photo.Picture(folder.keep(in.readAllBytes()), width, height);
            records.persist(new Photo(UUID.randomUUID(), sawId, PhotoAbout.FAULT, faultId, picture, at, personId));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
