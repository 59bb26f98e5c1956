package yellowtally.server.disk;

import java.sql.SQLException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.stereotype.Component;

/**
 * Waits until what was committed is on the disk and not only in the hands of the operating system: a write is acknowledged after
 * that. Those who wait together share one trip to the disk. The trip is another's: nobody is kept by a disk that does not answer.
 */
@Component
public class OnDisk {

    private static final long LOOK_MS = 250;

    private final StoreFile file;
    private final StoreWatch watch;
    private final ExecutorService goes = Executors.newSingleThreadExecutor(OnDisk::named);
    private Batch gathering = new Batch();
    private volatile boolean used;

    OnDisk(StoreFile file, StoreWatch watch) {
        this.file = file;
        this.watch = watch;
    }

    /** Those who go together, and what became of it. */
    private static final class Batch {
        private boolean asked;
        private final CompletableFuture<Void> there = new CompletableFuture<>();
    }

    /**
     * Returns when everything that was committed before the call is on the disk. To be called with no connection in hand.
     *
     * @throws DiskFailed when it could not be brought there: it may be kept, or may be lost with the power
     */
    public void await() {
        used = true;
        CompletableFuture<Void> there = join();
        while (true) {
            try {
                there.get(LOOK_MS, TimeUnit.MILLISECONDS);
                return;
            } catch (TimeoutException slow) {
                // A slow disk is waited for; one that takes nothing is not.
                watch.trouble().ifPresent(trouble -> {
                    throw new DiskFailed(trouble.name());
                });
            } catch (ExecutionException e) {
                throw new DiskFailed(e.getCause());
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new DiskFailed(e);
            }
        }
    }

    private synchronized CompletableFuture<Void> join() {
        Batch mine = gathering;
        if (!mine.asked) {
            mine.asked = true;
            goes.execute(() -> go(mine));
        }
        return mine.there;
    }

    private void go(Batch batch) {
        synchronized (this) {
            // First: whoever comes from now on may have committed too late for this trip.
            gathering = new Batch();
        }
        try {
            file.force();
            batch.there.complete(null);
        } catch (SQLException | RuntimeException e) {
            batch.there.completeExceptionally(e);
        }
    }

    /** Whether anything was written since the application started. */
    boolean used() {
        return used;
    }

    private static Thread named(Runnable work) {
        Thread thread = new Thread(work, "to the disk");
        thread.setDaemon(true);
        return thread;
    }
}
