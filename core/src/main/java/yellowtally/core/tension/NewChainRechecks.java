package yellowtally.core.tension;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import yellowtally.core.settings.Numbers;

/**
 * The three follow-up checks that fitting a new chain opens (handbook section 3), taken in order.
 *
 * @param next the recheck to do next; empty when all are done
 * @param dueNow whether it is due now, or waits for the first tank
 * @param done how many of the three are done
 */
public record NewChainRechecks(Optional<CheckOccasion> next, boolean dueNow, int done) {

    /** The three, in order. */
    public static final List<CheckOccasion> ORDER = List.of(
            CheckOccasion.RECHECK_ONE_MINUTE, CheckOccasion.RECHECK_LIGHT_CUTTING, CheckOccasion.RECHECK_FIRST_TANK);

    /**
     * Where a new chain stands.
     *
     * @param passed occasions of the passing checks since it was fitted; a recheck that did not end in a passing reading
     *     is not done
     * @param tanksSinceFitted tanks of fuel (or charges) burned with it, zero or more
     */
    public static NewChainRechecks of(Set<CheckOccasion> passed, double tanksSinceFitted, Numbers settings) {
        int done = (int) ORDER.stream().filter(passed::contains).count();
        Optional<CheckOccasion> next =
                ORDER.stream().filter(step -> !passed.contains(step)).findFirst();
        boolean waits = next.filter(CheckOccasion.RECHECK_FIRST_TANK::equals).isPresent()
                && tanksSinceFitted < settings.of(TensionSetting.RECHECK_TANKS);
        return new NewChainRechecks(next, next.isPresent() && !waits, done);
    }
}
