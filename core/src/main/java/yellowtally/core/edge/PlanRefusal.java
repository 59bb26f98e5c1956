package yellowtally.core.edge;

import org.jspecify.annotations.Nullable;

/**
 * Why no plan can be made of what was measured.
 *
 * @param place the cutter at fault; {@code null} when it is the whole
 */
public record PlanRefusal(Reason reason, @Nullable Integer place) {

    /** What is wrong. */
    public enum Reason {
        /** Two lengths on each side are the least: the shortest and the longest. */
        TOO_FEW_LENGTHS,
        /** The loop has no cutter at this place. */
        NO_SUCH_CUTTER,
        /** Longer than it was when new. */
        LONGER_THAN_NEW,
        /** Nothing that a caliper reads off a cutter. */
        IMPOSSIBLE
    }
}
