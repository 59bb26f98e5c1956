package yellowtally.core.waiting;

import yellowtally.core.steps.Step;

/**
 * A step on the way of a fault from its complaint to its proof (handbook section 12).
 *
 * @param about what the fault is called, in words
 */
public record FaultWaits(FaultMatter what, FitState state, Step step, String about) implements Waiting {

    /** How far it is. */
    public enum FaultMatter {
        /** The cause of a complaint is looked for. */
        FAULT_FIND,
        /** Complaint in words: somebody says first which complaint it is. */
        FAULT_SORT,
        /** The cause is found, a step of its repair is open. */
        FAULT_REPAIR,
        /** Repaired, and not proved yet. */
        FAULT_PROOF,
        /** Somebody else repairs it; then it is proved. */
        FAULT_MECHANIC
    }

    public static FaultWaits of(FaultMatter what, Step step, String about) {
        return new FaultWaits(what, FitState.DUE, step, about);
    }

    @Override
    public boolean forToday() {
        return what != FaultMatter.FAULT_MECHANIC;
    }
}
