package yellowtally.server.backup;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The backups there are, and a button for one more. */
@RestController
class BackupController {

    private final Backups backups;
    private final Clock clock;

    BackupController(Backups backups, Clock clock) {
        this.backups = backups;
        this.clock = clock;
    }

    /**
     * The backups.
     *
     * @param folder where they are; absent while the records are kept in memory, of which there can be none
     * @param underWay whether one is being made
     * @param failure why the last one could not be made; absent when it could
     * @param list newest first
     */
    record BackupsView(
            @Nullable String folder,
            boolean underWay,
            @Nullable BackupFailureView failure,
            List<BackupView> list) {}

    /** Why and when one could not be made; {@code why} as the system says it. */
    record BackupFailureView(Instant at, String why) {}

    /**
     * A backup.
     *
     * @param file its name
     * @param code the end of the chain in it
     * @param why a word about why it was made; "" for one of every day
     */
    record BackupView(String file, Instant at, String code, String why, long bytes) {}

    /** Asks for one more; {@code id} as with every write. */
    record BackupWish(UUID id) {}

    @GetMapping("/api/backups")
    BackupsView backups() {
        ZoneId zone = clock.getZone();
        Backups.Failure failure = backups.failure();
        return new BackupsView(
                backups.possible() ? backups.path().toString() : null,
                backups.underWay(),
                failure == null ? null : new BackupFailureView(failure.at(), failure.why()),
                backups.list().stream()
                        .map(one -> new BackupView(
                                one.file().getFileName().toString(),
                                one.name().at().atZone(zone).toInstant(),
                                one.name().code(),
                                one.name().why(),
                                one.bytes()))
                        .toList());
    }

    @PostMapping("/api/backups")
    BackupsView begin(@RequestBody BackupWish wish) {
        backups.begin();
        return backups();
    }
}
