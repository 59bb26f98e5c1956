package yellowtally.server.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.CyclicBarrier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** A state is taken to the disk while no write is half done; writes go on beside each other. */
@Timeout(60)
class StoreGateTest {

    private final StoreWatch watch = mock(StoreWatch.class);
    private final StoreGate gate = new StoreGate(watch);

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private CompletableFuture<Void> writing(Runnable write) {
        return CompletableFuture.runAsync(() -> {
            gate.enter();
            try {
                write.run();
            } finally {
                gate.leave();
            }
        });
    }

    @Test
    void writesGoBesideEachOther() {
        CyclicBarrier both = new CyclicBarrier(2);
        Runnable meetsTheOther = () -> {
            try {
                both.await();
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        };
        CompletableFuture.allOf(writing(meetsTheOther), writing(meetsTheOther)).join();
        assertThat(both.isBroken()).isFalse();
    }

    @Test
    void aStateIsTakenWhenTheWriteThatHadBegunIsDone() {
        List<String> order = new CopyOnWriteArrayList<>();
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch goOn = new CountDownLatch(1);
        CompletableFuture<Void> write = writing(() -> {
            begun.countDown();
            await(goOn);
            order.add("written");
        });
        await(begun);
        CountDownLatch asks = new CountDownLatch(1);
        CompletableFuture<Void> taken = CompletableFuture.runAsync(() -> {
            asks.countDown();
            gate.still(() -> order.add("taken"));
        });
        await(asks);
        goOn.countDown();
        CompletableFuture.allOf(write, taken).join();
        assertThat(order).containsExactly("written", "taken");
    }

    @Test
    void whoComesWhileTheDiskTakesNothingIsRefusedAndKeptOutNoLonger() {
        when(watch.trouble()).thenReturn(Optional.of(StoreTrouble.FULL));
        CountDownLatch taking = new CountDownLatch(1);
        CountDownLatch room = new CountDownLatch(1);
        CompletableFuture<Void> stuck = CompletableFuture.runAsync(() -> gate.still(() -> {
            taking.countDown();
            await(room);
        }));
        await(taking);
        assertThatThrownBy(() -> writing(() -> {}).join()).hasMessageContaining("FULL");
        room.countDown();
        stuck.join();
        writing(() -> {}).join();
    }

    @Test
    void aWriteThatFailsIsNoReasonToWait() {
        assertThatThrownBy(() -> writing(() -> {
                            throw new IllegalArgumentException("refused");
                        })
                        .join())
                .hasMessageContaining("refused");
        CompletableFuture.runAsync(() -> gate.still(() -> {})).join();
    }
}
