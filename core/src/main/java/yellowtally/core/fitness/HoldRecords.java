package yellowtally.core.fitness;

import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.holds.Hold;
import yellowtally.core.steps.Finding;

/**
 * What is on record of why a saw must not go out.
 *
 * @param holds holds that no standing release has ended
 * @param condemned what standing records have found on the parts that are on the saw now, wherever these hung then, and what
 *     takes them out of use for good
 * @param fittedAt when another part came on last; {@code null} when none ever did
 */
public record HoldRecords(
        List<Hold> holds, Set<Finding> condemned, @Nullable Instant fittedAt) {

    /** Nothing on record. */
    public static final HoldRecords NONE = of(List.of());

    public HoldRecords {
        holds = List.copyOf(holds);
        condemned = Set.copyOf(condemned);
    }

    /** Holds alone. */
    public static HoldRecords of(List<Hold> holds) {
        return new HoldRecords(holds, Set.of(), null);
    }
}
