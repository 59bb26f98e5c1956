package yellowtally.server.disk;

import java.sql.SQLException;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Waits until what was committed is on the disk and not only in the hands of the operating system: a write is acknowledged after
 * that. Those who wait together share one trip to the disk.
 */
@Component
public class OnDisk {

    private final StoreFile file;
    private final Lock trip = new ReentrantLock();
    private volatile Batch gathering = new Batch();
    private volatile boolean used;

    OnDisk(StoreFile file) {
        this.file = file;
    }

    /** Those who go together, and what became of it. */
    private static final class Batch {
        private boolean gone;
        private @Nullable SQLException failed;
    }

    /**
     * Returns when everything that was committed before the call is on the disk. To be called with no connection in hand.
     *
     * @throws DiskFailed when it could not be brought there: it may be kept, or may be lost with the power
     */
    public void await() {
        used = true;
        Batch mine = gathering;
        trip.lock();
        try {
            if (!mine.gone) {
                // First: whoever comes from now on may have committed too late for this trip.
                gathering = new Batch();
                mine.gone = true;
                mine.failed = force();
            }
            if (mine.failed != null) {
                throw new DiskFailed(mine.failed);
            }
        } finally {
            trip.unlock();
        }
    }

    /** Whether anything was written since the application started. */
    boolean used() {
        return used;
    }

    private @Nullable SQLException force() {
        try {
            file.force();
            return null;
        } catch (SQLException e) {
            return e;
        }
    }
}
