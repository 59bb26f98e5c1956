package yellowtally.core.fitness;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.holds.Hold;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Subject;

/**
 * What is on record of why a saw must not go out.
 *
 * @param holds holds that no standing release has ended
 * @param condemned what standing records have found on the parts that are on the saw now, wherever these hung then, and what
 *     takes them out of use for good
 * @param apartAt when another part came on last, or the saw came back from somebody who may have had it apart; {@code null} when neither
 *     ever was
 * @param partsBack when a part that is on the saw now came back from somebody else, where nobody has looked at it before it was fitted
 */
public record HoldRecords(
        List<Hold> holds, Set<Finding> condemned, @Nullable Instant apartAt, Map<Subject, Instant> partsBack) {

    /** Nothing on record. */
    public static final HoldRecords NONE = of(List.of());

    public HoldRecords {
        holds = List.copyOf(holds);
        condemned = Set.copyOf(condemned);
        partsBack = Map.copyOf(partsBack);
    }

    /** Holds alone. */
    public static HoldRecords of(List<Hold> holds) {
        return new HoldRecords(holds, Set.of(), null, Map.of());
    }
}
