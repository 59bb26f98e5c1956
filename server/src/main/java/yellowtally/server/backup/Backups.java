package yellowtally.server.backup;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import yellowtally.core.backup.BackupRotation;
import yellowtally.core.settings.Numbers;
import yellowtally.server.disk.StoreGate;
import yellowtally.server.disk.StorePlace;
import yellowtally.server.seal.Seals;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.support.LongWork;
import yellowtally.server.support.Refusal;

/** Makes backups while the application runs: by itself when one is due, and when somebody wants one. */
@Component
class Backups {

    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);

    private static final Duration A_MOMENT = Duration.ofMinutes(1);

    private final DataSource database;
    private final Seals seals;
    private final FleetSettings settings;
    private final Clock clock;
    private final boolean inFile;
    private final BackupMaker maker;
    private final LongWork work;
    private final BackupFolder folder;
    private final AtomicBoolean underWay = new AtomicBoolean();
    private volatile @Nullable Failure failure;

    Backups(
            DataSource database,
            Seals seals,
            FleetSettings settings,
            Clock clock,
            StoreGate gate,
            LongWork work,
            @Value("${yellowtally.store}") String store,
            @Value("${yellowtally.data}") Path data,
            @Value("${yellowtally.backups}") Path folder) {
        this.database = database;
        this.seals = seals;
        this.settings = settings;
        this.clock = clock;
        this.work = work;
        this.inFile = StorePlace.of(store).file().isPresent();
        this.maker = new BackupMaker(data, folder, gate);
        this.folder = new BackupFolder(folder.toAbsolutePath().normalize());
    }

    /** Why the last one could not be made. */
    record Failure(Instant at, String why) {}

    boolean underWay() {
        return underWay.get();
    }

    /** Why the last one could not be made; {@code null} when it could. */
    @Nullable
    Failure failure() {
        return failure;
    }

    Path path() {
        return folder.path();
    }

    List<BackupFolder.Kept> list() {
        return folder.list();
    }

    /** Whether the records are in a file, and so can be copied away. */
    boolean possible() {
        return inFile;
    }

    /** Begins one; does nothing while one is under way, or was just made of the very same records. */
    void begin() {
        if (!inFile) {
            throw Refusal.conflict("", "backup.memory");
        }
        if (!justMade() && underWay.compareAndSet(false, true)) {
            work.begin("backup", this::make);
        }
    }

    private boolean justMade() {
        List<BackupFolder.Kept> made = folder.list();
        return !made.isEmpty()
                && made.get(0).name().code().equals(seals.code())
                && made.get(0).name().at().isAfter(LocalDateTime.now(clock).minus(A_MOMENT));
    }

    /** Every few minutes: whether one is due. */
    @Scheduled(initialDelayString = "PT2M", fixedDelayString = "PT5M")
    void beginIfDue() {
        if (inFile && isDue()) {
            begin();
        }
    }

    private boolean isDue() {
        List<BackupFolder.Kept> made = folder.list();
        LocalDateTime newest = made.isEmpty() ? null : made.get(0).name().at();
        boolean recordedSince = made.isEmpty() || !made.get(0).name().code().equals(seals.code());
        return BackupRotation.isDue(newest, recordedSince, LocalDateTime.now(clock), numbers());
    }

    private Numbers numbers() {
        return settings.rules().numbers();
    }

    private void make(Runnable between) {
        try (Connection connection = database.getConnection()) {
            BackupMaker.Made made = maker.make(connection, LocalDateTime.now(clock), "", between);
            if (made.content().found() > 0) {
                LOG.warn(
                        "In the backup {} {} records are not as they were sealed",
                        made.file(),
                        made.content().found());
            }
            between.run();
            folder.rotate(numbers());
            failure = null;
        } catch (LongWork.Ended e) {
            // Nothing went wrong: the next start makes one.
            throw e;
        } catch (IOException | SQLException | RuntimeException e) {
            LOG.warn("No backup could be made: {}", e.getMessage());
            failure = new Failure(clock.instant(), String.valueOf(e.getMessage()));
        } finally {
            underWay.set(false);
        }
    }
}
