package yellowtally.core.tension;

import java.util.List;
import java.util.Set;

/**
 * What a reading means.
 *
 * @param outcome the verdict
 * @param provisional read hot: holds until it is read cold
 * @param reasons what carried it, strongest first, never empty
 * @param unmet conditions of a fair reading that were not met
 * @param figures the numbers behind it
 * @param next what the hand does next
 */
public record TensionVerdict(
        TensionOutcome outcome,
        boolean provisional,
        List<TensionReason> reasons,
        Set<FairCondition> unmet,
        TensionFigures figures,
        NextMove next)
        implements TensionJudgement {

    public TensionVerdict {
        reasons = List.copyOf(reasons);
        unmet = Set.copyOf(unmet);
    }

    /** Whether the saw may be used on this reading as far as tension goes: firm or right, read cold and fairly. */
    public boolean passes() {
        return outcome.passes() && !provisional;
    }
}
