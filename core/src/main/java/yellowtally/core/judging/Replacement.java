package yellowtally.core.judging;

import java.util.Set;
import yellowtally.core.steps.Step;

/** What one part in the place of another calls for (handbook sections 3, 5 and 6). */
final class Replacement {

    private Replacement() {}

    /** Steps that follow a replacing step; none for all others. New chains are rechecked three times besides. */
    static Set<Step> follows(Step step) {
        return switch (step) {
            // The needle bearing is new with each new sprocket, and the loop must be fit to run on it.
            case REPLACE_SPROCKET -> Set.of(Step.BEARING, Step.CHAIN_LOOK);
            // A new chain on a worn sprocket is spoiled.
            case REPLACE_CHAIN -> Set.of(Step.SPROCKET);
            // The groove when new is what all wear is counted from.
            case REPLACE_BAR -> Set.of(Step.GROOVE);
            default -> Set.of();
        };
    }
}
