package yellowtally.server.bench;

import yellowtally.core.fitness.TensionAccount;
import yellowtally.core.fitness.TensionFitness;
import yellowtally.core.fitness.TensionLedger;

/** A saw, its records, and what they say. */
public record Standing(FittedSaw fitted, TensionLedger ledger, TensionAccount account) {

    public TensionFitness fitness() {
        return account.fitness();
    }
}
