package yellowtally.core.waiting;

import java.util.List;
import yellowtally.core.holds.Need;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;

/**
 * A part of the set came back from a mechanic or dealer, and nobody here has looked at it (handbook section 11, rule 5).
 *
 * @param part which
 */
public record BackWaits(BackMatter what, FitState state, Step step, List<Need> needs, Subject part) implements Waiting {

    /** It has one form. */
    public enum BackMatter {
        PART_BACK
    }

    public BackWaits {
        needs = List.copyOf(needs);
    }

    /**
     * What is missing.
     *
     * @param looks in the order of the hands, at least one
     */
    public static BackWaits of(Subject part, List<Step> looks) {
        return new BackWaits(BackMatter.PART_BACK, FitState.HELD, looks.get(0), Need.passing(looks), part);
    }

    @Override
    public boolean forToday() {
        return true;
    }
}
