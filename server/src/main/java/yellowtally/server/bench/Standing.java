package yellowtally.server.bench;

import org.jspecify.annotations.Nullable;
import yellowtally.core.fitness.TensionFitness;
import yellowtally.core.fitness.TensionLedger;
import yellowtally.core.tension.TakeUp;

/**
 * A saw, its account, and what comes of it.
 *
 * @param takeUp pace of its loop among its sisters; absent without a loop
 */
public record Standing(
        FittedSaw fitted,
        TensionLedger ledger,
        TensionFitness fitness,
        @Nullable TakeUp takeUp) {}
