package yellowtally.core.judging;

import java.util.Set;
import yellowtally.core.steps.Step;

/** What a step that was done calls for by itself: another part in its place, or cutters that are lower now (handbook sections 3 to 6). */
final class StepFollows {

    private StepFollows() {}

    /** Steps that follow a step; none for most. New chains are rechecked three times besides. */
    static Set<Step> of(Step step) {
        return switch (step) {
            // The needle bearing is new with each new sprocket, and the loop must be fit to run on it.
            case REPLACE_SPROCKET -> Set.of(Step.BEARING, Step.CHAIN_LOOK);
            // A new chain on a worn sprocket is spoiled.
            case REPLACE_CHAIN -> Set.of(Step.SPROCKET);
            // The groove when new is what all wear is counted from.
            case REPLACE_BAR -> Set.of(Step.GROOVE);
            // All cutters are lower now, so that the gauges stand too high.
            case EQUALISE -> Set.of(Step.DEPTH_GAUGES);
            default -> Set.of();
        };
    }
}
