package yellowtally.core.holds;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import yellowtally.core.steps.Finding;

/**
 * The holds of a saw, each with what is missing until it may end.
 *
 * @param inForce holds that keep the saw in, in the order given
 * @param outOfSeason what was found that would hold in another season, and is not put right
 */
public record HoldBook(List<Held> inForce, Set<Finding> outOfSeason) {

    public HoldBook {
        inForce = List.copyOf(inForce);
        outOfSeason = Set.copyOf(outOfSeason);
    }

    /** A hold and how far it is. */
    public record Held(Hold hold, Proving proving) {}

    /** Reads holds against what is on record. */
    public static HoldBook of(List<Hold> holds, HoldEvidence evidence) {
        List<Held> inForce = new ArrayList<>();
        Set<Finding> waits = EnumSet.noneOf(Finding.class);
        for (Hold hold : holds) {
            Proving proving = Proving.of(hold, evidence);
            if (proving.overBefore(hold, evidence)) {
                continue;
            }
            if (Proving.holdsNow(hold, evidence)) {
                inForce.add(new Held(hold, proving));
            } else if (!proving.proved()) {
                waits.addAll(hold.findings());
            }
        }
        return new HoldBook(inForce, waits);
    }

    /** Whether an officer may release the saw: it is held, and every reason is proved away (handbook section 11). */
    public boolean mayRelease() {
        return !inForce.isEmpty()
                && inForce.stream().allMatch(held -> held.proving().proved());
    }

    /** Whether one of them holds for a finding. */
    public boolean holdsFor(Finding finding) {
        return inForce.stream()
                .anyMatch(held -> held.hold().struckBy() == null
                        && held.hold().findings().contains(finding)
                        && !held.proving().proved());
    }
}
