package yellowtally.core.diagnosis;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Step;
import yellowtally.core.stores.StockKind;

/**
 * What can be behind a complaint, and what is done about it.
 *
 * @param code stable name
 * @param title in words
 * @param steps steps of the bench that put it right, in their order
 * @param proof the step that shows it is right again; {@code null} for that of the complaint
 * @param parts kinds of stock that the repair takes
 * @param holds whether the saw is held once this cause stands clear
 * @param leak whether only a dry day on fresh card closes it
 * @param mechanic whether it is not for this bench
 * @param needs what a saw must have; empty for every saw
 * @param raised how many times likelier it is when something is known of the saw, over zero
 * @param seen codes of the checks that look at the very thing, of which one has to show it before it stands clear; empty for the
 *     one that names the fewest causes beside it
 */
public record Cause(
        String code,
        String title,
        List<Step> steps,
        @Nullable Step proof,
        Set<StockKind> parts,
        boolean holds,
        boolean leak,
        boolean mechanic,
        Set<SawTrait> needs,
        Map<Signal, Double> raised,
        Set<String> seen) {

    public Cause {
        steps = List.copyOf(steps);
        parts = Set.copyOf(parts);
        needs = Set.copyOf(needs);
        raised = Map.copyOf(raised);
        seen = Set.copyOf(seen);
    }

    /** Whether a saw of this kind can have it. */
    public boolean possibleOn(Set<SawTrait> saw) {
        return saw.containsAll(needs);
    }

    /** The step that proves it right after this complaint. */
    public Step proofAfter(Complaint complaint) {
        return proof == null ? complaint.proof() : proof;
    }
}
