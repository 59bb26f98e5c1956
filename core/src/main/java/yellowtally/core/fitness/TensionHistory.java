package yellowtally.core.fitness;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.tension.ChainGrowth;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.TakeUp;
import yellowtally.core.tension.TensionRun;

/**
 * What the records say of the tension of one saw.
 *
 * @param setComplete whether bar, loop and sprocket are fitted
 * @param newChain whether the loop was new when it was fitted here
 * @param apart whether no fair reading has passed since the set was apart
 * @param checksSinceFitted checks since the set was last fitted, in order of time, amended ones left out
 * @param outingsSincePass outings since the last passing check
 * @param tanksSincePass tanks since the last passing check
 * @param tanksSinceFitted tanks since the loop was fitted
 * @param growth growth of the loop; {@code null} without a loop
 * @param takeUp pace of the loop; {@code null} without a loop
 */
public record TensionHistory(
        boolean setComplete,
        boolean newChain,
        boolean apart,
        List<Check> checksSinceFitted,
        int outingsSincePass,
        double tanksSincePass,
        double tanksSinceFitted,
        @Nullable ChainGrowth growth,
        @Nullable TakeUp takeUp) {

    public TensionHistory {
        checksSinceFitted = List.copyOf(checksSinceFitted);
    }

    /** A check as it ended: the last reading counts. */
    public record Check(CheckOccasion occasion, TensionRun.Result ended) {

        /** Firm or right, read cold. */
        public boolean passes() {
            return ended.passes();
        }
    }
}
