package yellowtally.server.backup;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import yellowtally.server.disk.StoreCopy;
import yellowtally.server.disk.StoreGate;

/** Makes a backup. It has its name only when it was opened again and everything in it was found as it is here. */
public final class BackupMaker {

    private static final String MAKING = ".being-made";
    private static final long MB = 1_000_000;
    private static final long LEFT_FREE = 32 * MB;

    private final Path dataFolder;
    private final Path folder;
    private final StoreGate gate;

    /**
     * Of the records in one folder.
     *
     * @param folder where backups are put
     * @param gate keeps whoever writes out while the file is copied
     */
    public BackupMaker(Path dataFolder, Path folder, StoreGate gate) {
        this.dataFolder = dataFolder;
        this.folder = folder;
        this.gate = gate;
    }

    /** A backup that was made, and what is in it. */
    public record Made(Path file, Opened content) {}

    /**
     * Makes one.
     *
     * @param why {@code ""}, or a word for the name
     * @throws IOException when it could not be made; nothing is left of it
     */
    public Made make(Connection database, LocalDateTime at, String why) throws IOException {
        return make(database, at, why, () -> {});
    }

    /**
     * The same, and may be given up.
     *
     * @param between called between the steps; what it throws ends the whole, and nothing is left of it
     */
    Made make(Connection database, LocalDateTime at, String why, Runnable between) throws IOException {
        Files.createDirectories(folder);
        Path work = folder.resolve(MAKING);
        clear(work);
        refuseWithoutRoom();
        Files.createDirectory(work);
        try {
            return make(database, at, why, between, work);
        } catch (SQLException e) {
            throw new IOException("The copy cannot be opened: " + e.getMessage(), e);
        } finally {
            clear(work);
        }
    }

    /** The copy, the backup, and what is taken out of it again: where they do not fit, the records would have no room either. */
    private void refuseWithoutRoom() throws IOException {
        Path records = dataFolder.resolve(BackupFile.DATABASE);
        long needed =
                LEFT_FREE + 3 * (Files.exists(records) ? Files.size(records) : 0) + BackupFile.sizeBeside(dataFolder);
        long free = Files.getFileStore(folder).getUsableSpace();
        if (free < needed) {
            throw new IOException("there is no room for one in %s: it takes up to %d MB, and %d MB are free"
                    .formatted(folder, needed / MB, free / MB));
        }
    }

    private Made make(Connection database, LocalDateTime at, String why, Runnable between, Path work)
            throws IOException, SQLException {
        Path copy = work.resolve(BackupFile.DATABASE);
        long before = Opened.isSealed(database) ? 0 : Opened.count(database);
        StoreCopy.make(database, gate, copy);
        Opened content = Opened.andTidied(copy, between);
        if (content.code().equals(BackupName.NOT_SEALED) && content.records() != before) {
            throw new IOException("There are " + content.records() + " rows in the copy and " + before + " here");
        }
        between.run();
        Path zip = work.resolve("backup.zip");
        BackupFile.write(zip, copy, dataFolder);
        between.run();
        Path again = work.resolve("again.mv.db");
        BackupFile.takeOut(zip, again);
        if (Files.mismatch(copy, again) >= 0) {
            throw new IOException("What was written is not what is read from the disk");
        }
        try (FileChannel written = FileChannel.open(zip, StandardOpenOption.WRITE)) {
            written.force(true);
        }
        keepPrivate(zip);
        Path named = folder.resolve(new BackupName(at.withNano(0), content.code(), why).file());
        Files.move(zip, named, StandardCopyOption.ATOMIC_MOVE);
        return new Made(named, content);
    }

    private static void keepPrivate(Path file) throws IOException {
        try {
            Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
        } catch (UnsupportedOperationException e) {
            // A file system that knows no such rights.
        }
    }

    private static void clear(Path work) throws IOException {
        if (Files.exists(work)) {
            List<Path> all;
            try (Stream<Path> files = Files.walk(work)) {
                all = files.sorted(Comparator.reverseOrder()).toList();
            }
            for (Path one : all) {
                Files.delete(one);
            }
        }
    }
}
