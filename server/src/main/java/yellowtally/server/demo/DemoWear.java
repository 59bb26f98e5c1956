package yellowtally.server.demo;

import java.util.Map;
import java.util.Random;
import yellowtally.core.steps.Measure;

/** How the made-up set of one saw wears: what a caliper would read at each service. */
final class DemoWear {

    private static final double LONGEST_OVER_SHORTEST_MM = 0.18;

    private final String saw;
    private final double newCutterMm;
    private final Random random;
    private double cutterMm;
    private int sharpenings;
    private double grooveMm;

    DemoWear(String saw, double newCutterMm, double tangMm) {
        this.saw = saw;
        this.newCutterMm = newCutterMm;
        this.random = new Random(saw.hashCode() * 53L);
        this.cutterMm = newCutterMm;
        this.grooveMm = tangMm + ("07".equals(saw) ? 2.6 : 2.2);
    }

    /** A new loop from now on. */
    void newLoop() {
        cutterMm = newCutterMm;
        sharpenings = 0;
    }

    /** Shortest cutter as it is found now, mm. */
    double cutter() {
        return hundredth(cutterMm);
    }

    /** A sharpening: what it took off shows at the next one. */
    Map<Measure, Double> sharpen(double tanks) {
        double strokes = 2 + random.nextInt(3);
        double left = hundredth(cutterMm + (leftIsShorter() ? 0 : random.nextDouble() * 0.06));
        double right = hundredth(cutterMm + (leftIsShorter() ? 0.2 : random.nextDouble() * 0.06));
        Map<Measure, Double> figures = Map.of(
                Measure.STROKES_LEFT, strokes,
                Measure.STROKES_RIGHT, strokes,
                Measure.LEFT_SHORTEST, left,
                Measure.LEFT_LONGEST, hundredth(left + LONGEST_OVER_SHORTEST_MM),
                Measure.RIGHT_SHORTEST, right,
                Measure.RIGHT_LONGEST, hundredth(right + LONGEST_OVER_SHORTEST_MM));
        cutterMm -= tanks * perTank() * (0.9 + random.nextDouble() * 0.2);
        sharpenings++;
        grooveMm -= 0.008;
        // Once a stone in the cutting: that cost as much as a dozen outings.
        cutterMm -= "14".equals(saw) && sharpenings == 5 ? 0.9 : 0;
        return figures;
    }

    double groove() {
        return hundredth(grooveMm);
    }

    /** Dressing the rails takes some of the groove with it. */
    void dress() {
        grooveMm -= 0.11 + random.nextDouble() * 0.03;
    }

    double sprocket(double tanks) {
        return hundredth(0.02 + tanks * ("07".equals(saw) ? 0.0018 : 0.004));
    }

    /** What a tank costs: little, but for one saw that works in the ballast. */
    private double perTank() {
        return "15".equals(saw) ? 0.11 : "07".equals(saw) ? 0.045 : 0.05;
    }

    private boolean leftIsShorter() {
        return "12".equals(saw);
    }

    private static double hundredth(double mm) {
        return Math.round(mm * 100) / 100.0;
    }
}
