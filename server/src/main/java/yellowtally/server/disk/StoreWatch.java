package yellowtally.server.disk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/** Looks after the place where the records are kept, each time somebody asks: what was wrong a moment ago may be well again. */
@Component
public class StoreWatch implements SmartLifecycle {

    private final Optional<Path> file;
    private final StoreHealth health;
    private final long leastRoom;
    private final @Nullable Object opened;
    private volatile boolean damaged;
    private volatile boolean running;

    StoreWatch(@Value("${yellowtally.store}") String store, @Value("${yellowtally.least-room}") DataSize leastRoom) {
        this.file = StorePlace.of(store).file();
        this.health = StoreHealth.of(
                file.isPresent()
                        ? OrderedFilePath.under(store + ".mv.db").toRealPath().toString()
                        : store);
        this.leastRoom = leastRoom.toBytes();
        this.opened = file.map(StoreWatch::identity).orElse(null);
    }

    /** What is wrong now; empty while all is well. */
    public Optional<StoreTrouble> trouble() {
        if (health.broken() != null) {
            return Optional.of(StoreTrouble.LOST);
        }
        if (damaged) {
            return Optional.of(StoreTrouble.DAMAGED);
        }
        IOException waiting = health.waitingFor();
        if (waiting != null) {
            return Optional.of(saysFull(waiting) ? StoreTrouble.FULL : StoreTrouble.NOT_TAKEN);
        }
        return file.flatMap(this::troubleOf);
    }

    private Optional<StoreTrouble> troubleOf(Path path) {
        // Where the system does not tell one file from another, one that is there is taken for the one that was opened.
        if (!Files.exists(path) || !Objects.equals(identity(path), opened)) {
            return Optional.of(StoreTrouble.GONE);
        }
        if (health.readOnly() || !Files.isWritable(path)) {
            return Optional.of(StoreTrouble.READ_ONLY);
        }
        return room(path) < leastRoom ? Optional.of(StoreTrouble.FULL) : Optional.empty();
    }

    /** A place of the file could not be read: from now on nothing is written over it. */
    public void foundDamage() {
        damaged = true;
    }

    /** Tells one file from another of the same name; {@code null} where there is none, or the system knows no such thing. */
    private static @Nullable Object identity(Path path) {
        try {
            return Files.readAttributes(path, BasicFileAttributes.class).fileKey();
        } catch (IOException e) {
            return null;
        }
    }

    private static long room(Path path) {
        try {
            return Files.getFileStore(path).getUsableSpace();
        } catch (IOException e) {
            // Nobody can tell; a write will.
            return Long.MAX_VALUE;
        }
    }

    /** The system says it in words of its own. */
    private static boolean saysFull(IOException failure) {
        String says = String.valueOf(failure.getMessage()).toLowerCase(Locale.ROOT);
        return says.contains("space") || says.contains("quota");
    }

    /** From the first request on a write waits for room rather than that everything ends. */
    @Override
    public void start() {
        running = true;
        health.patient(true);
    }

    /** After the last request: what cannot be written now will not be. */
    @Override
    public void stop() {
        health.patient(false);
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    @Override
    public int getPhase() {
        return 0;
    }
}
