package yellowtally.server.photos;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.people.People;
import yellowtally.server.support.Attached;
import yellowtally.server.support.Streamed;
import yellowtally.server.support.TakesFiles;
import yellowtally.server.support.Violations;

/** Photos are sent, looked at, and struck out. */
@RestController
class PhotoController {

    private static final String ADDRESS = "/api/photos";
    private static final String ZIP = "application/zip";
    private static final int LONGEST_REASON = 300;

    /** The longer side of a picture in a list, dots. */
    private static final int SMALL = 320;

    private final Photos photos;
    private final PhotoFolder folder;
    private final People people;
    private final Clock clock;

    PhotoController(Photos photos, PhotoFolder folder, People people, Clock clock) {
        this.photos = photos;
        this.folder = folder;
        this.people = people;
        this.clock = clock;
    }

    /** A photo with who put it there. */
    record PhotoView(UUID photoId, Instant at, String by, int width, int height) {}

    /** Photos of one thing, the first first. */
    record PhotoList(List<PhotoView> photos) {}

    /** Why a photo is struck out. */
    record PhotoStrike(UUID id, String reason) {}

    /** The body is the file. */
    @PostMapping(ADDRESS)
    PhotoList put(
            @RequestParam UUID id,
            @RequestParam PhotoAbout about,
            @RequestParam UUID aboutId,
            HttpServletRequest request)
            throws IOException {
        photos.put(id, about, aboutId, TakesFiles.file(request));
        return list(aboutId);
    }

    @GetMapping(ADDRESS)
    @Transactional(readOnly = true)
    PhotoList list(@RequestParam UUID about) {
        Map<UUID, String> names = people.names();
        return new PhotoList(photos.of(List.of(about)).getOrDefault(about, List.of()).stream()
                .map(photo -> new PhotoView(
                        photo.id(),
                        photo.at(),
                        names.getOrDefault(photo.personId(), ""),
                        photo.picture().widthPx(),
                        photo.picture().heightPx()))
                .toList());
    }

    /** The picture; {@code small} for a list of them. What has an id never changes. */
    @GetMapping(ADDRESS + "/{photoId}")
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.IMAGE_JPEG_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> picture(@PathVariable UUID photoId, @RequestParam(defaultValue = "false") boolean small)
            throws IOException {
        byte[] jpeg = small ? photos.picture(photoId, SMALL) : photos.picture(photoId);
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
                .body(jpeg);
    }

    /** All pictures by the sums of their records, in a zip: beside a fleet file they are the whole. */
    @GetMapping(ADDRESS + ".zip")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = ZIP, schema = @Schema(type = "string", format = "binary")))
    void all(HttpServletResponse response) throws IOException {
        Streamed.write(response, () -> {
            response.setContentType(ZIP);
            response.setHeader(
                    HttpHeaders.CONTENT_DISPOSITION,
                    Attached.as("yellow-tally-photos-" + LocalDate.now(clock) + ".zip"));
            folder.writeAll(response.getOutputStream());
        });
    }

    @PostMapping(ADDRESS + "/{photoId}/strike")
    PhotoList strike(@PathVariable UUID photoId, @RequestParam UUID about, @RequestBody PhotoStrike given) {
        photos.strike(given.id(), photoId, Violations.onlyText("reason", given.reason(), LONGEST_REASON));
        return list(about);
    }

    /** What a phone makes is shorter. */
    @Component
    static class TakesPhotos extends TakesFiles {

        TakesPhotos() {
            super(ADDRESS, 10L * 1024 * 1024);
        }
    }
}
