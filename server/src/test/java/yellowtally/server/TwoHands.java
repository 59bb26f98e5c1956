package yellowtally.server;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import yellowtally.server.RunningServer.Answer;

/** Two who do something at one moment. */
final class TwoHands implements AutoCloseable {

    private final ExecutorService hands = Executors.newFixedThreadPool(2);

    /** Both begin at one moment; answers in the order given. */
    List<Answer> both(Callable<Answer> one, Callable<Answer> other) {
        CyclicBarrier start = new CyclicBarrier(2);
        try {
            Future<Answer> first = hands.submit(() -> begun(start, one));
            Future<Answer> second = hands.submit(() -> begun(start, other));
            return List.of(first.get(), second.get());
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }

    private static Answer begun(CyclicBarrier start, Callable<Answer> act) throws Exception {
        start.await();
        return act.call();
    }

    @Override
    public void close() {
        hands.shutdown();
    }
}
