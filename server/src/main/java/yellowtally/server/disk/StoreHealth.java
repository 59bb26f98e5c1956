package yellowtally.server.disk;

import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;

/**
 * How the writing of a file of the database goes. The database gives itself up at the first write that fails, and answers nothing
 * from then on. So while the application runs such a write is tried again and again here until there is room: who reads goes on
 * reading, and nobody else writes meanwhile.
 */
final class StoreHealth {

    private static final Map<String, StoreHealth> OF = new ConcurrentHashMap<>();
    private static final Duration AGAIN_AFTER = Duration.ofMillis(250);

    private volatile CountDownLatch patience = new CountDownLatch(0);
    private volatile boolean readOnly;
    private volatile @Nullable IOException waitingFor;
    private volatile @Nullable IOException broken;

    /** Of a file by its name, the same as long as the application runs. */
    static StoreHealth of(String file) {
        return OF.computeIfAbsent(file, name -> new StoreHealth());
    }

    /** From now on a write that fails is tried again; {@code false}: from now on it fails at once, also one that waits. */
    void patient(boolean wanted) {
        patience.countDown();
        patience = new CountDownLatch(wanted ? 1 : 0);
    }

    /** The file was opened; what was lost before is not lost any more. */
    void opened(boolean forReading) {
        readOnly = forReading;
        waitingFor = null;
        broken = null;
    }

    /** Whether it was opened for reading only. */
    boolean readOnly() {
        return readOnly;
    }

    /** What a write waits for; {@code null} while all goes well. */
    @Nullable
    IOException waitingFor() {
        return waitingFor;
    }

    /** What the disk said when it lost something; it is not believed any more. */
    @Nullable
    IOException broken() {
        return broken;
    }

    /** A write went well. */
    void well() {
        if (waitingFor != null) {
            waitingFor = null;
        }
    }

    /**
     * A write failed; returns when it is to be tried again.
     *
     * @throws IOException the failure itself, when it is not to be tried again
     */
    void waitAfter(IOException failure) throws IOException {
        waitingFor = patience.getCount() > 0 ? failure : null;
        try {
            if (patience.await(AGAIN_AFTER.toMillis(), TimeUnit.MILLISECONDS)) {
                throw failure;
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw failure;
        }
    }

    /** The disk has lost something: nothing is written any more until the end, and then it fails with what is returned. */
    IOException lost(IOException failure) {
        broken = failure;
        try {
            patience.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        return new IOException(failure);
    }
}
