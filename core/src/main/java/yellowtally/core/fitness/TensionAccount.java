package yellowtally.core.fitness;

import org.jspecify.annotations.Nullable;
import yellowtally.core.tension.ChainGrowth;
import yellowtally.core.tension.TakeUp;
import yellowtally.core.tension.TensionRun;

/**
 * What the account of a loop says of its saw.
 *
 * @param fitness fit, due or held, and what waits
 * @param growth growth of the loop; {@code null} without a loop
 * @param takeUp pace of the loop; {@code null} without a loop
 * @param run what the set has been through
 * @param outingsSincePass outings since the last passing check on this fitting, zero or more
 * @param tanksSincePass tanks burned since then, zero or more
 */
public record TensionAccount(
        TensionFitness fitness,
        @Nullable ChainGrowth growth,
        @Nullable TakeUp takeUp,
        TensionRun run,
        int outingsSincePass,
        double tanksSincePass) {}
