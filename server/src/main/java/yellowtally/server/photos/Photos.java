package yellowtally.server.photos;

import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import yellowtally.server.people.People;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;

/** Puts photos to complaints and records, and finds them again. */
@Service
public class Photos {

    /** More of one thing tell nothing more. */
    private static final int MOST = 12;

    /** Of more than so many at once, all photos there are make a shorter answer than they a question. */
    private static final int MANY = 500;

    private final EntityManager records;
    private final PhotoFolder folder;
    private final People people;
    private final OnceOnly onceOnly;
    private final Clock clock;

    Photos(EntityManager records, PhotoFolder folder, People people, OnceOnly onceOnly, Clock clock) {
        this.records = records;
        this.folder = folder;
        this.people = people;
        this.onceOnly = onceOnly;
        this.clock = clock;
    }

    /** A write and what it is put to. */
    private record Given(PhotoAbout about, UUID aboutId, String fileSum) {}

    /** A photo that is struck out, and why. */
    private record Struck(UUID photoId, String reason) {}

    /** Shrinks a file and puts it to something. One that cannot be read is refused in words, and nothing is kept. */
    void put(UUID id, PhotoAbout about, UUID aboutId, Path file) throws IOException {
        Shrunk shrunk;
        // One at a time: a large one takes much room while it is read.
        synchronized (folder) {
            shrunk = Shrunk.of(file);
        }
        String sum = folder.keep(shrunk.jpeg());
        onceOnly.runBesideSaws(id, new Given(about, aboutId, sum), () -> {
            UUID saw = sawOf(about, aboutId);
            List<Photo> there = of(List.of(aboutId)).getOrDefault(aboutId, List.of());
            if (there.size() >= MOST) {
                throw Refusal.conflict("", "photo.most", MOST);
            }
            records.persist(new Photo(
                    id,
                    saw,
                    about,
                    aboutId,
                    new Photo.Picture(sum, shrunk.width(), shrunk.height()),
                    clock.instant(),
                    people.acting().id()));
        });
    }

    private UUID sawOf(PhotoAbout about, UUID aboutId) {
        String asked = switch (about) {
            case FAULT -> "select f.sawId from Fault f where f.id = :id";
            case RECORD -> "select r.sawId from WorkRecord r where r.id = :id";
        };
        return records.createQuery(asked, UUID.class)
                .setParameter("id", aboutId)
                .getResultStream()
                .findFirst()
                .orElseThrow(() -> Refusal.gone("photo.about"));
    }

    /** Takes one out of sight, with a reason. */
    void strike(UUID id, UUID photoId, String reason) {
        onceOnly.runBesideSaws(id, new Struck(photoId, reason), () -> {
            Photo photo = find(photoId);
            if (photo.struck()) {
                throw Refusal.conflict("", "photo.struck");
            }
            photo.strike(clock.instant(), people.acting().id(), reason);
        });
    }

    private Photo find(UUID photoId) {
        Photo photo = records.find(Photo.class, photoId);
        if (photo == null) {
            throw Refusal.gone("photo.unknown");
        }
        return photo;
    }

    /** The bytes of a photo, as JPEG. */
    @Transactional(readOnly = true)
    public byte[] picture(UUID photoId) throws IOException {
        return folder.read(find(photoId).picture().fileSum()).orElseThrow(() -> Refusal.gone("photo.file"));
    }

    /** The same made smaller, so that its longer side has so many dots at most. */
    @Transactional(readOnly = true)
    public byte[] picture(UUID photoId, int longest) throws IOException {
        return Shrunk.smaller(picture(photoId), longest);
    }

    /** The photos of these complaints and records that are not struck out, by what they are put to, the first first. */
    Map<UUID, List<Photo>> of(Collection<UUID> about) {
        Map<UUID, List<Photo>> found = new HashMap<>();
        if (!about.isEmpty()) {
            records.createQuery(
                            "select p from Photo p where (p.faultId in :about or p.recordId in :about) and p.struckAt is null"
                                    + " order by p.at, p.id",
                            Photo.class)
                    .setParameter("about", about)
                    .getResultList()
                    .forEach(photo -> found.computeIfAbsent(photo.aboutId(), one -> new ArrayList<>())
                            .add(photo));
        }
        return found;
    }

    /** A photo, and what it is put to. */
    private record Named(
            UUID id, @Nullable UUID faultId, @Nullable UUID recordId) {}

    /** The ids of these, for whoever tells of what they are put to. */
    public Map<UUID, List<UUID>> ids(Collection<UUID> about) {
        Map<UUID, List<UUID>> ids = new HashMap<>();
        boolean many = about.size() > MANY;
        if (!about.isEmpty()) {
            TypedQuery<Named> asked = records.createQuery(
                    "select p.id, p.faultId, p.recordId from Photo p where p.struckAt is null"
                            + (many ? "" : " and (p.faultId in :about or p.recordId in :about)")
                            + " order by p.at, p.id",
                    Named.class);
            if (!many) {
                asked.setParameter("about", about);
            }
            for (Named photo : asked.getResultList()) {
                UUID of = photo.faultId() == null ? photo.recordId() : photo.faultId();
                ids.computeIfAbsent(Objects.requireNonNull(of), one -> new ArrayList<>())
                        .add(photo.id());
            }
        }
        return ids;
    }

    /**
     * A photo with who took it, for paper.
     *
     * @param aboutId the complaint, or the record of work
     */
    public record Told(UUID id, UUID aboutId, Instant at, UUID personId) {}

    /** All photos of a saw's complaints and records that are not struck out, the first first. */
    public List<Told> ofSaw(UUID sawId) {
        return records.createQuery(
                        "select p from Photo p where p.sawId = :saw and p.struckAt is null order by p.at, p.id",
                        Photo.class)
                .setParameter("saw", sawId)
                .getResultStream()
                .map(photo -> new Told(photo.id(), photo.aboutId(), photo.at(), photo.personId()))
                .toList();
    }
}
