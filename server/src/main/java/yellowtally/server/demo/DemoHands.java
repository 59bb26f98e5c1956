package yellowtally.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import yellowtally.core.minutes.BenchRecord;
import yellowtally.core.minutes.WorkOfRecords;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Step;

/** How long the hands of this fleet take: some work longer than the numbers say, none of it twice the same. */
final class DemoHands {

    private static final Map<NumberSetting, Double> SLOWER = Map.of(ScheduleSetting.SHARPEN_MINUTES, 1.2);

    /** A word, a look for the rag. */
    private static final double AT_LEAST = 0.1;

    private final Random random;

    DemoHands(String tag) {
        random = new Random(tag.hashCode() * 41L);
    }

    /** What each of these steps takes. */
    List<Duration> take(List<Step> steps) {
        List<Duration> taken = new ArrayList<>();
        for (Map<NumberSetting, Double> work : WorkOfRecords.of(steps.stream()
                .map(step -> new BenchRecord(step, Instant.EPOCH, true))
                .toList())) {
            double minutes = AT_LEAST;
            for (Map.Entry<NumberSetting, Double> part : work.entrySet()) {
                minutes +=
                        part.getValue() * Numbers.STANDARD.of(part.getKey()) * SLOWER.getOrDefault(part.getKey(), 1.0);
            }
            taken.add(Duration.ofSeconds(Math.round(60 * minutes * Math.exp(0.2 * random.nextGaussian()))));
        }
        return taken;
    }
}
