package yellowtally.core.waiting;

import java.util.List;
import yellowtally.core.holds.Need;
import yellowtally.core.holds.Rest;
import yellowtally.core.steps.Step;

/**
 * Nobody used the saw for weeks: it is looked over before it is used (handbook section 11, rule 6).
 *
 * @param days since it was used last
 */
public record RestWaits(RestMatter what, FitState state, Step step, long days, List<Need> needs) implements Waiting {

    /** It has one form. */
    public enum RestMatter {
        RESTED
    }

    public RestWaits {
        needs = List.copyOf(needs);
    }

    /** A rest with at least one step missing. */
    public static RestWaits of(Rest rest) {
        return new RestWaits(
                RestMatter.RESTED, FitState.HELD, rest.missing().get(0), rest.days(), Need.passing(rest.missing()));
    }

    @Override
    public boolean forToday() {
        return true;
    }

    @Override
    public double extent() {
        return days;
    }
}
