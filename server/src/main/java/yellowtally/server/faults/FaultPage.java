package yellowtally.server.faults;

import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.diagnosis.Diagnosis;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.core.diagnosis.FaultProgress.FaultStage;
import yellowtally.core.diagnosis.PointsAt;
import yellowtally.core.diagnosis.RankedCause;
import yellowtally.core.diagnosis.Signal;
import yellowtally.core.oiling.LeakWatch.LeakState;
import yellowtally.core.oiling.Wet;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.Step;
import yellowtally.core.stores.StockKind;
import yellowtally.core.waiting.FitState;

/**
 * One fault.
 *
 * @param outcome what the finder says now
 * @param next the check it offers; absent when none is worth its minutes
 * @param others further checks worth their minutes, best first
 * @param more all the rest that was not made yet: somebody may have seen something that nobody asked for
 * @param path answers that were given
 * @param known answers that stand without having been asked for
 * @param clash two answers that do not go together; absent when all do
 * @param seenToo what a look has shown beside the first cause
 * @param nearest complaints of which one was told in words, the nearest first
 * @param near how many of them share words with it
 * @param minutes spent on checks so far (est.)
 * @param unproved what is still to do, or to prove
 */
record FaultPage(
        UUID id,
        String tag,
        Power power,
        FitState state,
        @Nullable UUID visitId,
        ComplaintChoice complaint,
        @Nullable String seen,
        FaultOrigin origin,
        Instant at,
        String by,
        FaultStage stage,
        Diagnosis.Outcome outcome,
        List<RankedView> ranking,
        @Nullable FinderCheck next,
        List<FinderCheck> others,
        List<FinderCheck> more,
        List<MadeView> path,
        List<KnownView> known,
        @Nullable ClashView clash,
        List<String> seenToo,
        List<ComplaintChoice> nearest,
        int near,
        Set<Stage> open,
        double minutes,
        @Nullable CauseView cause,
        List<Step> unproved,
        WatchView watch,
        List<HappenedView> happened) {

    /** A complaint that can be chosen. */
    record ComplaintChoice(String code, String title, boolean holds) {}

    /** What moved a cause up or down; one of signal and answer is there. */
    record EvidenceView(@Nullable Signal signal, @Nullable String said, double times) {}

    /** A cause and how it stands; {@code endedBy} is what it cannot live with, {@code past} what was done about it. */
    record RankedView(
            String code,
            String title,
            double share,
            boolean seen,
            @Nullable String endedBy,
            RankedCause.@Nullable CausePast past,
            List<EvidenceView> evidence) {}

    /** A key to answer with. */
    record AnswerKey(String code, String title) {}

    /** An answer that stands without having been asked for, and when it is from. */
    record KnownView(String check, String title, String said, Instant at) {}

    /** An answer to take again: it does not go with another, or with the complaint itself. */
    record ClashView(
            String check,
            String title,
            String said,
            @Nullable String with) {}

    /** A check that is offered; with {@code fullTank} it proves something with a full oil tank only. */
    record FinderCheck(
            String code,
            String title,
            String how,
            @Nullable String caution,
            Stage stage,
            PointsAt part,
            double minutes,
            double openingMinutes,
            double bits,
            List<AnswerKey> answers,
            boolean fullTank) {}

    /** A check that was made; {@code answer} is absent for "cannot tell". */
    record MadeView(String check, String title, @Nullable String answer, Instant at, String by) {}

    /** The cause that was found, and what is done about it. */
    record CauseView(
            String code,
            String title,
            List<Step> steps,
            List<Step> done,
            Step proof,
            Set<StockKind> parts,
            boolean leak,
            boolean mechanic,
            Instant at,
            String by) {}

    /** The stand on card. */
    record WatchView(
            LeakState state,
            @Nullable Instant stoodAt,
            @Nullable Instant lookAt,
            @Nullable Instant dryAt,
            @Nullable Wet wet,
            List<Wet.Suspect> suspects) {}

    /** Something that happened, in the order of time. */
    record HappenedView(
            FaultEventKind kind,
            @Nullable String what,
            @Nullable Wet wet,
            @Nullable String note,
            Instant at,
            String by) {}
}
