package yellowtally.server.sharpening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;

import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** The stand-in sends what a hand with a caliper would: the same loop alike, a little off, and now and then a bad one. */
class SimulatedCaliperTest {

    private static final UUID CHAIN = UUID.fromString("6f1d7a52-0c1e-4f8e-9a55-0d9b7c3c2a10");
    private static final int CUTTERS = 34;

    private final BlockingQueue<CaliperMessage> sent = new LinkedBlockingQueue<>();
    private final CaliperFeed feed = mock(CaliperFeed.class);
    private final SimulatedCaliper caliper = new SimulatedCaliper(feed, Duration.ofMillis(2));

    @BeforeEach
    void listen() {
        doAnswer(call -> sent.add(call.getArgument(0))).when(feed).accept(any());
    }

    @AfterEach
    void shutDown() {
        caliper.shutDown();
    }

    private static SimulatedCaliper.Loop loop(int from, Integer... strokes) {
        return new SimulatedCaliper.Loop(CHAIN, 8.0, from, CUTTERS, List.of(strokes));
    }

    private CaliperMessage next() throws InterruptedException {
        CaliperMessage message = sent.poll(60, TimeUnit.SECONDS); // patience with a busy machine
        assertThat(message).as("it sends").isNotNull();
        return message;
    }

    private static boolean bad(CaliperMessage message) {
        return message.value() < 1 || message.value() > 20;
    }

    @Test
    void itGoesFromCutterToCutterAndTriesABadOneAgain() throws InterruptedException {
        SimulatedCaliper.Loop loop = loop(0);
        caliper.start(loop);
        int place = 0;
        int bad = 0;
        long seq = 0;
        while (place < CUTTERS) {
            CaliperMessage message = next();
            assertThat(message.seq()).isGreaterThan(seq);
            assertThat(message.unit()).isEqualTo("mm");
            seq = message.seq();
            if (bad(message)) {
                bad++;
            } else {
                assertThat(message.value()).as("cutter " + place).isCloseTo(loop.length(place), within(0.06));
                place++;
            }
        }
        assertThat(bad).as("of 36 or so").isBetween(2, 4);
    }

    @Test
    @Timeout(value = 90, threadMode = Timeout.ThreadMode.SEPARATE_THREAD)
    void itEndsByItselfAfterTheLastCutter() {
        caliper.start(loop(CUTTERS - 1));
        while (caliper.running()) {
            Thread.onSpinWait();
        }
        assertThat(sent).hasSize(1);
        caliper.stop();
        assertThat(caliper.running()).as("stopping what has ended does no harm").isFalse();
    }

    @Test
    void anotherStartMeasuresTheOtherLoopOnly() throws InterruptedException {
        caliper.start(loop(0));
        next();
        caliper.start(new SimulatedCaliper.Loop(UUID.randomUUID(), 4.9, 0, CUTTERS, List.of()));
        sent.clear();
        List<CaliperMessage> heard = List.of(next(), next(), next());
        assertThat(heard)
                .filteredOn(message -> !bad(message))
                .allSatisfy(message -> assertThat(message.value()).isLessThan(5));
    }

    @Test
    @Timeout(value = 90, threadMode = Timeout.ThreadMode.SEPARATE_THREAD)
    void aReadingUnderWayCountsBeforeTheOtherStartNeverAfterIt() throws Exception {
        CountDownLatch underWay = new CountDownLatch(1);
        CountDownLatch goOn = new CountDownLatch(1);
        AtomicBoolean started = new AtomicBoolean();
        CompletableFuture<Boolean> cameAfterStart = new CompletableFuture<>();
        doAnswer(call -> {
                    underWay.countDown();
                    goOn.await();
                    return cameAfterStart.complete(started.get());
                })
                .when(feed)
                .accept(any());
        caliper.start(loop(0));
        underWay.await();
        Thread other = new Thread(() -> {
            caliper.start(loop(3));
            started.set(true);
        });
        other.start();
        while (other.isAlive() && other.getState() != Thread.State.WAITING) {
            Thread.onSpinWait();
        }
        goOn.countDown();
        other.join();
        assertThat(cameAfterStart.get()).isFalse();
    }

    @Test
    void filingTakesOffWhatTheStrokesTake() {
        SimulatedCaliper.Loop before = loop(0);
        SimulatedCaliper.Loop after = loop(0, 0, 4, 10);
        assertThat(after.length(0)).isEqualTo(before.length(0));
        assertThat(before.length(1) - after.length(1)).isCloseTo(0.22, within(1e-9));
        assertThat(before.length(2) - after.length(2)).isCloseTo(0.55, within(1e-9));
        assertThat(loop(0, 500).length(0)).as("there is always some metal left").isEqualTo(1);
    }

    @Test
    void oneSideIsShorterAsAHandLeavesIt() {
        double left = 0;
        double right = 0;
        for (int place = 0; place < CUTTERS; place++) {
            left += place % 2 == 0 ? loop(0).length(place) : 0;
            right += place % 2 == 1 ? loop(0).length(place) : 0;
        }
        assertThat(left / 17 - right / 17).isBetween(0.3, 0.46);
    }
}
