package yellowtally.server.disk;

import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Lets a state of the database be taken to the disk only while no write is half done. H2 (2.4) takes one table after the other while
 * whoever writes goes on: what a cut of power left could hold a row of a write and lack the word that the write was never finished,
 * and the row would stand.
 */
@Component
public class StoreGate {

    /** How long is waited before looking whether it has any sense to wait. */
    private static final long LOOK_MS = 250;

    /** In the order of coming: whoever takes a state is not kept waiting by ever more writes. */
    private final ReentrantReadWriteLock gate = new ReentrantReadWriteLock(true);

    private final Supplier<Optional<StoreTrouble>> trouble;

    @Autowired
    StoreGate(StoreWatch watch) {
        this(watch::trouble);
    }

    private StoreGate(Supplier<Optional<StoreTrouble>> trouble) {
        this.trouble = trouble;
    }

    /** For a database that nobody else writes to. */
    public static StoreGate alone() {
        return new StoreGate(Optional::empty);
    }

    /** What is done while nothing is written. */
    public interface Taking<E extends Exception> {
        void take() throws E;
    }

    /**
     * Before the first change of a write; beside other writes. The same thread {@link #leave leaves} when the write is committed or
     * taken back.
     *
     * @throws GateClosed where the disk takes nothing
     */
    public void enter() {
        // A state is taken in a moment, unless the disk does not answer.
        while (!got(gate.readLock())) {
            trouble.get().ifPresent(found -> {
                throw new GateClosed(found);
            });
        }
    }

    /** The write is committed or taken back. */
    public void leave() {
        gate.readLock().unlock();
    }

    /** Takes a state when all writes that have begun are done; those that come wait. */
    public <E extends Exception> void still(Taking<E> taking) throws E {
        // Never for long: one that has entered may wait for a saw that another one has, who waits to enter.
        while (!got(gate.writeLock())) {
            Thread.onSpinWait();
        }
        try {
            taking.take();
        } finally {
            gate.writeLock().unlock();
        }
    }

    private static boolean got(Lock lock) {
        try {
            return lock.tryLock(LOOK_MS, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
