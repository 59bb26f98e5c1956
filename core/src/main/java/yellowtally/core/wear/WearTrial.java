package yellowtally.core.wear;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * Plays made-up lives of parts against the forecast of wear, and counts how often the true end lies in the stated range and how far
 * off its middle is; beside it a straight line through the first and the last reading (general practice).
 */
public final class WearTrial {

    /** Share of a life after which a forecast is asked for: when there is something to read, and time left to order. */
    private static final double FROM = 0.25;

    private static final double UNTIL = 0.9;
    private static final double OUTLIERS = 0.03;
    private static final double CHANGES = 0.5;
    private static final double LIMIT_MM = 5;

    private final int lives;
    private final long seed;

    /**
     * A trial.
     *
     * @param lives how many parts live and die
     * @param seed the same seed plays the same lives
     */
    public WearTrial(int lives, long seed) {
        this.lives = lives;
        this.seed = seed;
    }

    /**
     * What came out.
     *
     * @param forecasts lives of which something was said
     * @param held share of them whose true end lay in the range, 0 to 1
     * @param early share whose end came before the range: the worse way to be wrong
     * @param medianOff how far the middle of the range was from the true use left, as a share of that, in the middle of all
     * @param lineOff the same of the straight line
     */
    public record Result(int forecasts, double held, double early, double medianOff, double lineOff) {}

    /** A part until a moment of its life, and how much use was truly left then. */
    private record Life(List<WearPoint> points, double left) {}

    /** Plays them. */
    public Result play(Numbers numbers) {
        Random random = new Random(seed);
        int held = 0;
        int early = 0;
        List<Double> off = new ArrayList<>();
        List<Double> lineOff = new ArrayList<>();
        for (int i = 0; i < lives; i++) {
            Life life = life(random);
            Range range = left(life, numbers);
            Double line = line(life.points());
            if (range == null || line == null) {
                continue;
            }
            held += life.left() >= range.low() && life.left() <= range.high() ? 1 : 0;
            early += life.left() < range.low() ? 1 : 0;
            off.add(Math.abs(range.likely() - life.left()) / life.left());
            lineOff.add(Math.abs(line - life.left()) / life.left());
        }
        int forecasts = off.size();
        return new Result(
                forecasts, held / (double) forecasts, early / (double) forecasts, median(off), median(lineOff));
    }

    private static @Nullable Range left(Life life, Numbers numbers) {
        Optional<WearProjection> projection =
                WearProjection.overTanks(life.points(), WearKind.SPROCKET, LIMIT_MM, numbers);
        return projection.map(WearProjection::left).orElse(null);
    }

    /** From the first to the last reading; {@code null} where that is no wear. */
    private static @Nullable Double line(List<WearPoint> points) {
        WearPoint first = points.get(0);
        WearPoint last = points.get(points.size() - 1);
        double slope = (last.mm() - first.mm()) / (last.use() - first.use());
        return slope <= 0 ? null : Math.max(0, (LIMIT_MM - last.mm()) / slope);
    }

    /**
     * One life: readings every few tanks with the noise of a hand, now and then one that slipped, use that wears by the day's wood,
     * and in every second life a rate that changes for good.
     */
    private static Life life(Random random) {
        double perTank = LIMIT_MM / (30 + 170 * random.nextDouble());
        double noise = LIMIT_MM * (0.01 + 0.03 * random.nextDouble());
        double between = 2 + 6 * random.nextDouble();
        double changeAt = random.nextDouble() < CHANGES ? random.nextDouble() * LIMIT_MM : Double.POSITIVE_INFINITY;
        double change = Math.exp(0.35 * random.nextGaussian());
        double stopAt = LIMIT_MM * (FROM + (UNTIL - FROM) * random.nextDouble());
        List<WearPoint> points = new ArrayList<>();
        double use = 0;
        double worn = 0;
        Double stopped = null;
        while (worn < LIMIT_MM) {
            if (stopped == null) {
                points.add(new WearPoint(Instant.EPOCH, use, worn + slip(random, noise)));
            }
            if (stopped == null && worn >= stopAt && points.size() >= 3) {
                stopped = use;
            }
            double rate = perTank * Math.exp(0.3 * random.nextGaussian()) * (worn >= changeAt ? change : 1);
            double step = Math.min(rate * between, LIMIT_MM - worn);
            use += step / rate;
            worn = rate * between >= LIMIT_MM - worn ? LIMIT_MM : worn + step;
        }
        return new Life(points, stopped == null ? 0.01 : Math.max(0.01, use - stopped));
    }

    private static double slip(Random random, double noise) {
        double usual = noise * random.nextGaussian();
        return random.nextDouble() < OUTLIERS ? usual + noise * (random.nextBoolean() ? 8 : -8) : usual;
    }

    private static double median(List<Double> values) {
        double[] sorted =
                values.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        return sorted.length == 0
                ? Double.NaN
                : Arrays.stream(sorted).skip(sorted.length / 2).findFirst().orElseThrow();
    }
}
