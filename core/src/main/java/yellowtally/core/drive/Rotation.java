package yellowtally.core.drive;

import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;

/** Two or three loops take turns on one sprocket, so that all wear together (handbook section 2). */
public final class Rotation {

    private Rotation() {}

    /**
     * A loop of the turn.
     *
     * @param tag its tag
     * @param growthPercent growth, percent of its length
     * @param tanks tanks that it has run
     */
    public record Loop(String tag, double growthPercent, double tanks) {}

    /** The loop whose turn it is: the least worn, by growth and then by use; empty without loops. */
    public static Optional<Loop> next(Collection<Loop> loops) {
        return loops.stream()
                .min(Comparator.comparingDouble(Loop::growthPercent)
                        .thenComparingDouble(Loop::tanks)
                        .thenComparing(Loop::tag));
    }
}
