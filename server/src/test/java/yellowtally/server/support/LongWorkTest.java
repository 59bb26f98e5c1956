package yellowtally.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Long work has ended before the database is closed, and nobody waits for ever. */
@Timeout(60)
class LongWorkTest {

    private final List<String> done = Collections.synchronizedList(new ArrayList<>());
    private final CountDownLatch begun = new CountDownLatch(1);

    @Test
    void workIsGivenUpBetweenItsStepsAndCleansUp() {
        LongWork work = new LongWork(Duration.ofMinutes(1));
        work.begin("endless", between -> {
            try {
                while (true) {
                    between.run();
                    begun.countDown();
                }
            } finally {
                done.add("cleaned up");
            }
        });
        await(begun);
        work.stop();
        assertThat(done).containsExactly("cleaned up");
    }

    @Test
    void workIsNeverInterrupted() {
        LongWork work = new LongWork(Duration.ofMinutes(1));
        CountDownLatch stopping = new CountDownLatch(1);
        work.begin("one step", between -> {
            begun.countDown();
            await(stopping);
            done.add(Thread.currentThread().isInterrupted() ? "interrupted" : "done");
        });
        await(begun);
        Thread lets = new Thread(stopping::countDown);
        lets.start();
        work.stop();
        assertThat(done).containsExactly("done");
    }

    @Test
    void workThatDoesNotListenKeepsNobodyForEver() {
        LongWork work = new LongWork(Duration.ofMillis(20));
        CountDownLatch never = new CountDownLatch(1);
        work.begin("deaf", between -> {
            begun.countDown();
            await(never);
        });
        await(begun);
        work.stop();
        assertThat(work.isRunning()).isFalse();
        never.countDown();
    }

    @Test
    void whatEndsBeginsNothing() {
        LongWork work = new LongWork(Duration.ofMinutes(1));
        work.stop();
        work.begin("late", between -> done.add("begun"));
        work.stop();
        assertThat(done).isEmpty();
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
