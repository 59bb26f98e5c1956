package yellowtally.benchmark;

import java.util.Arrays;
import java.util.function.DoubleSupplier;

/**
 * Prints each figure beside its limit. A figure is the median of its repeats, with the least and the most of them; one that
 * depends on the machine is divided by how slow the machine was while it was taken, so that a slow hour does not fail it and a
 * slow change does.
 */
final class Report {

    private boolean kept = true;
    private double slowest = 1;

    /** Repeats of one figure. */
    record Repeats(double[] values) {
        double median() {
            return at(50);
        }

        double at(int percent) {
            double[] sorted = values.clone();
            Arrays.sort(sorted);
            return sorted[Math.max(0, (int) Math.ceil(sorted.length * percent / 100.0) - 1)];
        }
    }

    /** A figure that is the same on every machine. */
    void exact(String what, double figure, double most, String unit) {
        line(what, new Repeats(new double[] {figure}), most, unit, "");
    }

    /** A ratio of two things measured side by side, such as ours and bare JDBC. */
    void ratio(String what, Repeats ratios, double most) {
        line(what, ratios, most, "times", "");
    }

    /**
     * A time, in units of the nominal machine; {@code once} measures it one time, in that unit of time.
     *
     * @return how slow the machine was each time
     */
    double[] timed(String what, int repeats, double most, String unit, DoubleSupplier once) {
        double[] raw = new double[repeats];
        double[] adjusted = new double[repeats];
        double[] slow = new double[repeats];
        for (int i = 0; i < repeats; i++) {
            double before = Reference.slowness();
            raw[i] = once.getAsDouble();
            slow[i] = (before + Reference.slowness()) / 2;
            slowest = Math.max(slowest, slow[i]);
            adjusted[i] = raw[i] / slow[i];
        }
        line(what, new Repeats(adjusted), most, unit, ", clock %.1f".formatted(new Repeats(raw).median()));
        return slow;
    }

    /** A line without a limit. */
    void note(String text) {
        System.out.println(text);
    }

    private void line(String what, Repeats figure, double most, String unit, String clock) {
        boolean within = figure.median() <= most;
        kept &= within;
        String spread = figure.values().length == 1 ? "" : " (%.1f to %.1f)".formatted(figure.at(0), figure.at(100));
        System.out.printf(
                "%-52s %8.2f %-5s limit %-5s %s%s%s%n",
                what, figure.median(), unit, number(most), within ? "kept" : "OVER", spread, clock);
    }

    private static String number(double limit) {
        return limit == Math.rint(limit) ? Long.toString(Math.round(limit)) : Double.toString(limit);
    }

    /** Says how it went; whether every limit was kept. */
    boolean end(double seconds) {
        System.out.printf(
                "%s Took %.0f s; the machine was up to %.1f times slower than the one of the limits.%n",
                kept ? "Every limit kept." : "Some limit was not kept.", seconds, slowest);
        return kept;
    }
}
