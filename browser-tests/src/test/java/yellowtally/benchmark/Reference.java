package yellowtally.benchmark;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;

/**
 * A fixed piece of computing, of the kind that the rules do: maps looked up, lists sorted, logarithms summed. Timed beside each
 * measurement it says how quick the machine is at that moment; it never changes, or limits would mean something else.
 */
final class Reference {

    /** What it takes on the machine for which the limits in ms were set: two cores of 2.5 GHz, quiet. */
    static final double NOMINAL_MS = 15;

    private static final int KEYS = 4_000;
    private static final int WARM_UP = 60;

    private static volatile double proof;

    private Reference() {}

    /** Lets the compiler see it often enough. */
    static void warmUp() {
        for (int i = 0; i < WARM_UP; i++) {
            once();
        }
    }

    /** How many times slower than the nominal machine this one is now: 2 when it takes twice as long. */
    static double slowness() {
        return Math.min(once(), once()) / NOMINAL_MS;
    }

    private static double once() {
        long start = System.nanoTime();
        SplittableRandom random = new SplittableRandom(2026);
        Map<String, Double> weights = new HashMap<>();
        List<String> keys = new ArrayList<>();
        for (int i = 0; i < KEYS; i++) {
            String key = Long.toHexString(random.nextLong());
            keys.add(key);
            weights.put(key, random.nextDouble());
        }
        double sum = 0;
        for (int round = 0; round < 5; round++) {
            keys.sort(Comparator.comparing(weights::get));
            for (String key : keys) {
                sum += Math.log(1 + weights.get(key));
            }
            keys.sort(Comparator.naturalOrder());
        }
        proof = sum;
        return (System.nanoTime() - start) / 1e6;
    }
}
