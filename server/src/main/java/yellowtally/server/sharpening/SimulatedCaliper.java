package yellowtally.server.sharpening;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * A small stand-in for a digital caliper: a made-up hand goes from cutter to cutter of a made-up loop. Its readings scatter a little, and
 * now and then one is bad, as when the jaws were closed or open; then the hand tries the same cutter again.
 */
@Component
class SimulatedCaliper {

    static final String NAME = "stand-in caliper";

    private static final double SCATTER_MM = 0.01;
    private static final int BAD_EVERY = 13;

    private final CaliperFeed feed;
    private final Duration interval;
    private final AtomicLong seq = new AtomicLong();
    private final ScheduledExecutorService hand =
            Executors.newSingleThreadScheduledExecutor(task -> new Thread(task, NAME));
    private @Nullable ScheduledFuture<?> running;
    private @Nullable Turn current;

    SimulatedCaliper(CaliperFeed feed, @Value("${yellowtally.caliper.interval:900ms}") Duration interval) {
        this.feed = feed;
        this.interval = interval;
    }

    /**
     * The loop in its made-up hand.
     *
     * @param chainId the same loop always measures the same
     * @param longestMm the longest cutter before filing, mm
     * @param from cutter to begin with
     * @param count cutters of the loop
     * @param strokes strokes that each has got; empty before filing
     */
    record Loop(UUID chainId, double longestMm, int from, int count, List<Integer> strokes) {

        Loop {
            strokes = List.copyOf(strokes);
        }

        private static final double TAKES_MM = 0.055;
        private static final double SHORT_SIDE_MM = 0.38;

        /** True length of a cutter: one side is shorter, as a hand that presses harder there leaves it. */
        double length(int place) {
            SplittableRandom shape = new SplittableRandom(chainId.getMostSignificantBits() * 31 + place);
            double uneven = shape.nextDouble() * 0.28 + (place % 2 == 0 ? 0 : SHORT_SIDE_MM);
            double filed = place < strokes.size() ? strokes.get(place) * TAKES_MM : 0;
            return Math.max(1, longestMm - uneven - filed);
        }
    }

    boolean running() {
        return inTurn(() -> current != null);
    }

    /** Begins to send; one that runs already is stopped first, and nothing of it is sent once this has returned. */
    void start(Loop loop) {
        inTurn(() -> {
            halt();
            Turn turn = new Turn(loop);
            current = turn;
            running = hand.scheduleAtFixedRate(
                    () -> measureNext(turn), interval.toMillis(), interval.toMillis(), TimeUnit.MILLISECONDS);
            return turn;
        });
    }

    /** Nothing is sent once this has returned. */
    void stop() {
        inTurn(() -> {
            halt();
            return true;
        });
    }

    /** All of it is done by the one hand, one after the other: nobody holds a lock while a screen is sent to. */
    private <T> T inTurn(Callable<T> work) {
        try {
            return hand.submit(work).get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        } catch (ExecutionException e) {
            throw new IllegalStateException(e);
        }
    }

    private void halt() {
        current = null;
        if (running != null) {
            running.cancel(false);
            running = null;
        }
    }

    /** Asks whose turn it is: a cancelled one may have been called for already. */
    private void measureNext(Turn turn) {
        if (turn != current) {
            return;
        }
        if (turn.done()) {
            halt();
            return;
        }
        feed.accept(new CaliperMessage(NAME, seq.incrementAndGet(), turn.next(), "mm"));
    }

    /** One walk along one loop. */
    private static final class Turn {

        private final Loop loop;
        private final Random noise;
        private int place;
        private long sent;

        Turn(Loop loop) {
            this.loop = loop;
            noise = new Random(
                    loop.chainId().getLeastSignificantBits() + loop.strokes().size());
            place = loop.from();
        }

        boolean done() {
            return place >= loop.count();
        }

        /** What the caliper shows next, mm to the hundredth. */
        double next() {
            sent++;
            boolean bad = sent % BAD_EVERY == 5;
            double value =
                    bad ? (noise.nextBoolean() ? 0 : 31.4) : loop.length(place++) + noise.nextGaussian() * SCATTER_MM;
            return Math.round(value * 100) / 100.0;
        }
    }

    @PreDestroy
    void shutDown() {
        hand.shutdownNow();
    }
}
