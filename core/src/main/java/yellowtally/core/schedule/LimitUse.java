package yellowtally.core.schedule;

import java.util.Set;

/**
 * How much of one limit is used up.
 *
 * @param unit what is counted
 * @param raw units as they were, zero or more
 * @param counted units as they count, not less than {@code raw}
 * @param limit the limit
 * @param heavier conditions that made units count more
 */
public record LimitUse(UseUnit unit, double raw, double counted, double limit, Set<Condition> heavier) {

    public LimitUse {
        heavier = Set.copyOf(heavier);
    }

    /** Share of the limit used up; 1 and more is due. */
    public double fraction() {
        return counted / limit;
    }
}
