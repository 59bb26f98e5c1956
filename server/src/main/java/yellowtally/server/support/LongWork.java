package yellowtally.server.support;

import java.time.Duration;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * What takes longer than a request, on a thread of its own. When the application ends it is told so between its steps and waited
 * for, before the database is closed. Never interrupted: that would close the file of the database under everybody's feet.
 */
@Component
public class LongWork implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(LongWork.class);

    private final Duration patience;
    private final Set<Thread> underWay = ConcurrentHashMap.newKeySet();
    private volatile boolean ending;

    @Autowired
    LongWork() {
        this(Duration.ofSeconds(10));
    }

    LongWork(Duration patience) {
        this.patience = patience;
    }

    /** Something long. */
    public interface Work {

        /**
         * Does it.
         *
         * @param between called between the steps; throws {@link Ended} when the application ends
         */
        void run(Runnable between);
    }

    /** The application ends: the work is given up. */
    public static final class Ended extends RuntimeException {
        private static final long serialVersionUID = 1;

        Ended() {
            super("The application ends");
        }
    }

    /** Begins it; an application that ends begins nothing any more. */
    public void begin(String name, Work work) {
        if (ending) {
            return;
        }
        Thread thread = new Thread(
                () -> {
                    try {
                        work.run(this::between);
                    } catch (Ended ended) {
                        LOG.info("Given up, the application ends: {}", name);
                    } finally {
                        underWay.remove(Thread.currentThread());
                    }
                },
                name);
        thread.setDaemon(true);
        underWay.add(thread);
        thread.start();
    }

    private void between() {
        if (ending) {
            throw new Ended();
        }
    }

    /** When the last request is answered. */
    @Override
    public void stop() {
        ending = true;
        long until = System.nanoTime() + patience.toNanos();
        try {
            for (Thread thread : underWay) {
                TimeUnit.NANOSECONDS.timedJoin(thread, Math.max(1, until - System.nanoTime()));
                if (thread.isAlive()) {
                    LOG.warn("Not waited for any longer: {}", thread.getName());
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void start() {
        ending = false;
    }

    @Override
    public boolean isRunning() {
        return !ending;
    }

    /** After the server of the pages, and after a full disk is no longer waited for. */
    @Override
    public int getPhase() {
        return -1;
    }
}
