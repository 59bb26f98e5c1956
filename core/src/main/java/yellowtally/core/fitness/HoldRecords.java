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
 * @param apartAt when another part came on last, or the saw came back from somebody who may have had it apart; {@code null} when neither
 *     ever was
 */
public record HoldRecords(
        List<Hold> holds, Set<Finding> condemned, @Nullable Instant apartAt) {

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
