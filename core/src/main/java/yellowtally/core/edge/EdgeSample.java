package yellowtally.core.edge;

import java.util.List;
import java.util.Set;
import yellowtally.core.settings.Numbers;

/**
 * The four lengths that are measured where nobody maps the whole loop, mm (handbook section 4).
 */
public record EdgeSample(double leftShortest, double leftLongest, double rightShortest, double rightLongest) {

    /** The same as cutters; the middle of shortest and longest stands for the mean of a side. */
    public List<Cutter> cutters() {
        return List.of(
                new Cutter(0, Side.LEFT, leftShortest, null),
                new Cutter(1, Side.RIGHT, rightShortest, null),
                new Cutter(2, Side.LEFT, leftLongest, null),
                new Cutter(3, Side.RIGHT, rightLongest, null));
    }

    /** The place that stands for the shortest of all. */
    private int shortestPlace() {
        return leftShortest <= rightShortest ? 0 : 1;
    }

    /**
     * The shortest of all, mm; of the side whose short one is left out the longest is left.
     *
     * @param shortestLeftOut whether the shortest stands for itself alone
     */
    public double shortestMm(boolean shortestLeftOut) {
        if (!shortestLeftOut) {
            return Math.min(leftShortest, rightShortest);
        }
        return shortestPlace() == 0 ? Math.min(leftLongest, rightShortest) : Math.min(leftShortest, rightLongest);
    }

    /**
     * Strokes for the shortest and the longest of each side; those between get strokes between.
     *
     * @param shortestLeftOut whether the shortest of all is not brought to one length with the others: it stands alone
     */
    public SharpeningPlan plan(
            boolean shortestLeftOut, double removalMm, int baseStrokes, double markMm, Numbers numbers) {
        Set<Integer> leaveOut = shortestLeftOut ? Set.of(shortestPlace()) : Set.of();
        return SharpeningPlan.of(
                new SharpeningPlan.Given(cutters(), leaveOut, removalMm, baseStrokes, markMm, true, numbers));
    }
}
