package yellowtally.core.diagnosis;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.log.SawLog;
import yellowtally.core.oiling.LeakWatch;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;

/**
 * How far a fault is on its way from the complaint to its end (handbook sections 7, 11 and 12): nothing is closed unproven.
 *
 * @param steps of the bench that are still to do, in their order
 * @param proof the step that will prove it right
 * @param leak whether only a dry day closes it
 */
public record FaultProgress(FaultStage stage, List<Step> steps, Step proof, boolean leak) {

    /** Where a fault stands, in their order. */
    public enum FaultStage {
        /** Complaint in words: somebody says first which complaint it is. */
        SORT,
        /** The cause is looked for. */
        FIND,
        /** Somebody else repairs it; it comes back for its proof. */
        WITH_MECHANIC,
        REPAIR,
        /** Repaired: its proof is missing. */
        PROVE,
        /** Proved but for the dry day on card. */
        STAND,
        /** Everything is on record; an officer closes it. */
        CLOSES,
        CLOSED
    }

    public FaultProgress {
        steps = List.copyOf(steps);
    }

    /**
     * A fault and what it is judged by.
     *
     * @param cause what was found; {@code null} while it is looked for
     */
    public record Facts(Complaint complaint, @Nullable Cause cause, FaultStory story) {

        /** Whether it was closed with its proof. */
        public boolean proven() {
            return story.proven();
        }

        private Step proof() {
            return cause == null ? complaint.proof() : cause.proofAfter(complaint);
        }

        /** From when on its proof counts: a repair is proved after it. */
        private @Nullable Instant since() {
            Instant known = cause == null ? story.mechanicAt() : story.causeAt();
            return story.putRightAt() == null ? known : story.putRightAt();
        }

        private boolean mechanic() {
            return story.mechanicAt() != null || (cause != null && cause.mechanic());
        }
    }

    /**
     * Reads how far it is.
     *
     * @param log steps of the saw
     * @param watch the stand on card
     */
    public static FaultProgress of(Facts facts, SawProfile saw, SawLog log, LeakWatch watch) {
        FaultStory story = facts.story();
        Step proof = facts.proof();
        boolean leak = facts.cause() != null && facts.cause().leak();
        Instant since = facts.since();
        if (story.closedAt() != null) {
            return new FaultProgress(FaultStage.CLOSED, List.of(), proof, leak);
        }
        if (since == null && facts.complaint().told()) {
            return new FaultProgress(FaultStage.SORT, List.of(), proof, leak);
        }
        if (since == null) {
            return new FaultProgress(FaultStage.FIND, List.of(), proof, leak);
        }
        List<Step> open = facts.cause() == null || facts.mechanic()
                ? List.of()
                : facts.cause().steps().stream()
                        .filter(step -> step.appliesTo(saw) && !log.provedAfter(step, since))
                        .toList();
        if (!open.isEmpty()) {
            return new FaultProgress(FaultStage.REPAIR, open, proof, leak);
        }
        if (!log.provedAfter(proof, since)) {
            boolean elsewhere = facts.mechanic() && story.putRightAt() == null;
            FaultStage stage = elsewhere ? FaultStage.WITH_MECHANIC : FaultStage.PROVE;
            return new FaultProgress(stage, List.of(proof), proof, leak);
        }
        boolean stood = watch.dry() && !repairedMeanwhile(facts, log, watch);
        FaultStage stage = leak && !stood ? FaultStage.STAND : FaultStage.CLOSES;
        return new FaultProgress(stage, List.of(), proof, leak);
    }

    /** Whether its repair was still going on after the saw was stood on card: then the dry day proves nothing. */
    private static boolean repairedMeanwhile(Facts facts, SawLog log, LeakWatch watch) {
        Cause cause = facts.cause();
        Instant stood = watch.stoodAt();
        Instant looked = facts.story().looks().stream()
                .map(LeakWatch.Look::at)
                .max(Instant::compareTo)
                .orElse(null);
        return cause != null
                && stood != null
                && looked != null
                && log.entries().stream()
                        .anyMatch(record -> cause.steps().contains(record.step())
                                && record.at().isAfter(stood)
                                && record.at().isBefore(looked));
    }
}
