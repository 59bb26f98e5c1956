package yellowtally.server.standing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.SimpleTransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;

/** Two readers read everything once, and the first never waits for a second that has no connection. */
class SecondReaderTest {

    private static final List<Integer> MANY = IntStream.range(0, 200).boxed().toList();

    /** A transaction that begins when the latch lets it. */
    private static TransactionTemplate connection(CountDownLatch free) {
        return new TransactionTemplate() {
            @Override
            public void executeWithoutResult(Consumer<TransactionStatus> action) {
                try {
                    free.await();
                } catch (InterruptedException e) {
                    throw new IllegalStateException(e);
                }
                action.accept(new SimpleTransactionStatus());
            }
        };
    }

    @Test
    void bothReadEverythingOnce() {
        CountDownLatch both = new CountDownLatch(2);
        Set<Thread> readers = ConcurrentHashMap.newKeySet();
        Collection<Integer> read = new SecondReader(connection(new CountDownLatch(0))).read(MANY, n -> {
            // Neither goes on before the other has begun, so that neither can read everything alone.
            if (readers.add(Thread.currentThread())) {
                both.countDown();
                await(both);
            }
            return n;
        });
        assertThat(read).containsExactlyInAnyOrderElementsOf(MANY);
        assertThat(readers).hasSize(2);
    }

    @Test
    void theFirstGoesOnAloneWhileNoConnectionIsFree() {
        CountDownLatch never = new CountDownLatch(1);
        Collection<Integer> read = new SecondReader(connection(never)).read(MANY, n -> n);
        assertThat(read).containsExactlyInAnyOrderElementsOf(MANY);
        never.countDown();
    }

    @Test
    void aFewAreReadByOne() {
        CountDownLatch never = new CountDownLatch(1);
        assertThat(new SecondReader(connection(never)).read(List.of(3, 1, 2), n -> n * 2))
                .containsExactly(6, 2, 4);
        never.countDown();
    }

    /** What one of the two cannot read is not left out without a word. */
    @Test
    void aFailureIsTold() {
        CountDownLatch secondReads = new CountDownLatch(1);
        Thread first = Thread.currentThread();
        assertThatThrownBy(() -> new SecondReader(connection(new CountDownLatch(0))).read(MANY, n -> {
                    if (Thread.currentThread() != first) {
                        secondReads.countDown();
                        throw new IllegalStateException("torn page");
                    }
                    await(secondReads);
                    return n;
                }))
                .hasStackTraceContaining("torn page");
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
