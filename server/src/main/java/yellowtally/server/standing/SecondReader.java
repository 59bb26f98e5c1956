package yellowtally.server.standing;

import java.util.Collection;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Reads many saws with a second pair of hands: the first board of the day waits for the years of the whole fleet. The second reader
 * needs a connection of its own. While none is free the first one goes on alone and never waits for it: whoever holds the
 * connections may be waiting for the first.
 */
final class SecondReader {

    /** Under so many saws a second reader costs more than it saves. */
    private static final int WORTH_IT = 24;

    private enum Hands {
        NOT_YET,
        AT_WORK,
        NOT_WANTED
    }

    private final TransactionTemplate reading;

    SecondReader(TransactionTemplate reading) {
        this.reading = reading;
    }

    /** What {@code read} makes of each, in no order; it runs within a transaction for reading. */
    <T, R> Collection<R> read(List<T> all, Function<T, R> read) {
        if (all.size() < WORTH_IT) {
            return all.stream().map(read).toList();
        }
        Queue<T> left = new ConcurrentLinkedQueue<>(all);
        Queue<R> done = new ConcurrentLinkedQueue<>();
        AtomicReference<Hands> second = new AtomicReference<>(Hands.NOT_YET);
        Runnable work = () -> {
            for (T next = left.poll(); next != null; next = left.poll()) {
                done.add(read.apply(next));
            }
        };
        CompletableFuture<Void> helping = CompletableFuture.runAsync(
                () -> reading.executeWithoutResult(status -> {
                    if (second.compareAndSet(Hands.NOT_YET, Hands.AT_WORK)) {
                        work.run();
                    }
                }),
                SecondReader::start);
        work.run();
        if (!second.compareAndSet(Hands.NOT_YET, Hands.NOT_WANTED)) {
            helping.join();
        }
        return done;
    }

    private static void start(Runnable work) {
        Thread reader = new Thread(work, "second reader");
        reader.setDaemon(true);
        reader.start();
    }
}
