package yellowtally.server.disk;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** Whether an application has a file of the database open: it holds a lock on it as long as it does. */
public final class StoreLock {

    private StoreLock() {}

    /** Looks whether somebody holds it; nobody holds a file that is not there. */
    public static boolean isHeld(Path file) throws IOException {
        if (!Files.exists(file)) {
            return false;
        }
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ, StandardOpenOption.WRITE);
                FileLock lock = channel.tryLock()) {
            return lock == null;
        } catch (OverlappingFileLockException heldHere) {
            return true;
        }
    }
}
