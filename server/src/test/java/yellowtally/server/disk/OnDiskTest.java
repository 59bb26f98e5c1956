package yellowtally.server.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Trips to the disk are shared, and what went wrong on one is told to all who were on it. */
@Timeout(60)
class OnDiskTest {

    private static final int MANY = 8;

    private final StoreFile file = mock(StoreFile.class);
    private final StoreWatch watch = mock(StoreWatch.class);
    private final OnDisk disk = new OnDisk(file, watch);

    @Test
    void eachThatComesAloneGoesAlone() throws SQLException {
        disk.await();
        disk.await();
        verify(file, times(2)).force();
    }

    @Test
    void thoseWhoCommitWhileATripIsUnderWayShareTheNext() throws Exception {
        CountDownLatch underWay = new CountDownLatch(1);
        CountDownLatch goOn = new CountDownLatch(1);
        doAnswer(call -> {
                    underWay.countDown();
                    goOn.await();
                    return null;
                })
                .when(file)
                .force();
        ExecutorService hands = Executors.newFixedThreadPool(MANY + 1);
        List<Future<?>> waiting = new ArrayList<>();
        waiting.add(hands.submit(disk::await));
        underWay.await();
        List<Thread> came = new ArrayList<>();
        for (int i = 0; i < MANY; i++) {
            waiting.add(hands.submit(() -> {
                synchronized (came) {
                    came.add(Thread.currentThread());
                }
                disk.await();
            }));
        }
        while (!allWait(came)) {
            Thread.onSpinWait();
        }
        goOn.countDown();
        for (Future<?> each : waiting) {
            each.get();
        }
        hands.shutdown();
        verify(file, times(2)).force();
    }

    private static boolean allWait(List<Thread> came) {
        synchronized (came) {
            return came.size() == MANY
                    && came.stream().allMatch(thread -> thread.getState() == Thread.State.TIMED_WAITING);
        }
    }

    @Test
    void whatFailedIsToldAndTriedAnewByTheNext() throws SQLException {
        doThrow(new SQLException("no room")).doNothing().when(file).force();
        assertThatThrownBy(disk::await).isInstanceOf(DiskFailed.class).hasRootCauseMessage("no room");
        disk.await();
        verify(file, times(2)).force();
    }

    @Test
    void itKnowsWhetherAnythingWasWritten() {
        assertThat(disk.used()).isFalse();
        disk.await();
        assertThat(disk.used()).isTrue();
    }
}
