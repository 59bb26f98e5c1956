package yellowtally.core.minutes;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.settings.Numbers;

/**
 * What one kind of work takes, from the stretches in which it was done.
 *
 * @param times how often it was done
 * @param minutes it takes on average, zero or more (est.)
 * @param from minutes that doing it once takes at least, in eight of ten cases
 * @param to minutes that it takes at most then
 */
public record TakenMinutes(double times, double minutes, double from, double to) {

    /** Shares no longer change after so many rounds. */
    private static final int ROUNDS = 40;

    /** Eight of ten cases lie within so many standard deviations. */
    private static final double EIGHT_OF_TEN = 1.28;

    /**
     * Works out how long each kind of work takes. Several kinds in one stretch share its minutes as they are estimated to take, again
     * and again by the estimates that this makes; what is set weighs as much as a few times done, so that little done changes little.
     *
     * @param set the numbers before any correction
     * @return by the number that says how long it takes; only what was done
     */
    public static Map<NumberSetting, TakenMinutes> of(Collection<Stretch> stretches, Numbers set) {
        return new Reckoning(List.copyOf(stretches), set).taken();
    }

    /** Many stretches, many rounds: the kinds of work by their place in a list. */
    private static final class Reckoning {

        private final Numbers set;
        private final double weight;
        private final List<NumberSetting> parts = new ArrayList<>();
        private final int[][] which;
        private final double[][] howOften;
        private final double[] taken;
        private final double[] times;
        private final double[] minutes;

        Reckoning(List<Stretch> stretches, Numbers set) {
            this.set = set;
            this.weight = set.of(MinutesSetting.SET_WEIGHS);
            Map<NumberSetting, Integer> places = new HashMap<>();
            which = new int[stretches.size()][];
            howOften = new double[stretches.size()][];
            taken = new double[stretches.size()];
            for (int s = 0; s < stretches.size(); s++) {
                Stretch stretch = stretches.get(s);
                taken[s] = stretch.minutes();
                which[s] = new int[stretch.work().size()];
                howOften[s] = new double[stretch.work().size()];
                int i = 0;
                for (Map.Entry<NumberSetting, Double> part : stretch.work().entrySet()) {
                    which[s][i] = places.computeIfAbsent(part.getKey(), added -> {
                        parts.add(added);
                        return parts.size() - 1;
                    });
                    howOften[s][i] = part.getValue();
                    i++;
                }
            }
            minutes = parts.stream().mapToDouble(set::of).toArray();
            times = new double[parts.size()];
            each((s, part, n) -> times[part] += n);
        }

        /** One kind of work in one stretch. */
        private interface Each {
            void is(int stretch, int part, double howOften);
        }

        private void each(Each done) {
            for (int s = 0; s < which.length; s++) {
                for (int i = 0; i < which[s].length; i++) {
                    done.is(s, which[s][i], howOften[s][i]);
                }
            }
        }

        Map<NumberSetting, TakenMinutes> taken() {
            for (int round = 0; round < ROUNDS; round++) {
                shareAnew();
            }
            double[] squares = squares();
            double spread = set.of(MinutesSetting.SET_SPREAD) / 100;
            Map<NumberSetting, TakenMinutes> found = new LinkedHashMap<>();
            for (int k = 0; k < times.length; k++) {
                double variance = (weight * spread * spread + squares[k]) / (weight + times[k]);
                double either = EIGHT_OF_TEN * minutes[k] * Math.sqrt(variance * (1 + 1 / (weight + times[k])));
                found.put(
                        parts.get(k),
                        new TakenMinutes(times[k], minutes[k], Math.max(0, minutes[k] - either), minutes[k] + either));
            }
            return found;
        }

        private void shareAnew() {
            double[] ratios = ratios();
            double[] shared = new double[minutes.length];
            each((s, part, n) -> shared[part] += n * minutes[part] * ratios[s]);
            for (int k = 0; k < minutes.length; k++) {
                minutes[k] = (weight * set.of(parts.get(k)) + shared[k]) / (weight + times[k]);
            }
        }

        private double[] squares() {
            double[] ratios = ratios();
            double[] squares = new double[minutes.length];
            each((s, part, n) -> squares[part] += n * (ratios[s] - 1) * (ratios[s] - 1));
            return squares;
        }

        /** How many times its minutes each stretch took. */
        private double[] ratios() {
            double[] its = new double[taken.length];
            each((s, part, n) -> its[s] += n * minutes[part]);
            double[] ratios = new double[taken.length];
            for (int s = 0; s < taken.length; s++) {
                ratios[s] = its[s] > 0 ? taken[s] / its[s] : 1;
            }
            return ratios;
        }
    }

    /** Minutes as an estimate is said: to the half, and never none. */
    public double toTheHalf() {
        return Math.max(1, Math.round(2 * minutes)) / 2.0;
    }

    /**
     * Whether this is told often enough and lies far enough off to correct an estimate.
     *
     * @param counted minutes that the work counts now
     */
    public boolean corrects(double counted, Numbers numbers) {
        double off = Math.abs(toTheHalf() - counted);
        return times >= numbers.of(MinutesSetting.LEAST_TIMES)
                && off >= 0.5
                && off >= numbers.of(MinutesSetting.WORTH) / 100 * counted;
    }
}
