package yellowtally.core.pack;

import yellowtally.core.cuttingset.FitCheck;
import yellowtally.core.cuttingset.LoopSpec;

/**
 * A loop that lies on the shelf and may be fitted.
 *
 * @param tag its tag
 * @param what it is, in the trade's words
 * @param isNew whether it never ran: it lies in the oil overnight before it is fitted (handbook section 3)
 */
public record ShelfLoop(String tag, String what, LoopSpec spec, boolean isNew) {

    /** Whether it goes on a saw as it is; on one without bar or sprocket nobody can say, and so it does not. */
    public boolean fits(PackSaw saw) {
        return saw.bar() != null
                && saw.sprocket() != null
                && FitCheck.misfits(spec, saw.bar(), saw.sprocket()).isEmpty();
    }
}
