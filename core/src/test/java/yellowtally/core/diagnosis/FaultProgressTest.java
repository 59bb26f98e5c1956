package yellowtally.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;

import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import yellowtally.core.diagnosis.FaultProgress.Facts;
import yellowtally.core.diagnosis.FaultProgress.FaultStage;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.oiling.LeakWatch;
import yellowtally.core.oiling.Wet;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;

/** From the complaint to the end: nothing is closed unproven. Day 1 the complaint, day 2 its cause. */
class FaultProgressTest {

    private static FaultEvent event(FaultEventKind kind, int day, int hour, @Nullable String what) {
        return switch (kind) {
            case CAUSE_FOUND -> new FaultEvent(0, kind, at(day, hour), null, null, what, null);
            case LOOKED -> new FaultEvent(0, kind, at(day, hour), null, null, null, Wet.valueOf(String.valueOf(what)));
            default -> new FaultEvent(0, kind, at(day, hour), what, what == null ? null : "none", null, null);
        };
    }

    private static StepEntry record(Step step, StepOutcome outcome, int day, int hour) {
        return new StepEntry(0, step, at(day, hour), day(day), outcome, Set.of(), null, EnumSet.allOf(Subject.class));
    }

    private static FaultProgress progress(@Nullable Cause cause, List<FaultEvent> events, StepEntry... records) {
        FaultStory story = FaultStory.of(events);
        LeakWatch watch = LeakWatch.of(story.stoodAt(), story.looks(), null, at(30, 8), Numbers.STANDARD);
        return FaultProgress.of(
                new Facts(SmallKnowledge.DRY, cause, story), Profiles.petrol(), SawLog.of(List.of(records)), watch);
    }

    private static final List<FaultEvent> BLOCKED_FOUND =
            List.of(event(FaultEventKind.CAUSE_FOUND, 2, 9, "bar-blocked"));

    @Test
    void beginsWithTheSearch() {
        assertThat(progress(null, List.of(event(FaultEventKind.ANSWERED, 1, 9, "card")))
                        .stage())
                .isEqualTo(FaultStage.FIND);
    }

    @Test
    void whatIsToldInWordsIsSortedFirst() {
        Complaint told =
                new Complaint(Complaint.TOLD, "Complaint in words", false, Step.OUTSIDE_LOOK, Set.of(), Map.of());
        FaultStory story = FaultStory.of(List.of());
        LeakWatch watch = LeakWatch.of(null, List.of(), null, at(30, 8), Numbers.STANDARD);
        FaultProgress progress =
                FaultProgress.of(new Facts(told, null, story), Profiles.petrol(), SawLog.of(List.of()), watch);
        assertThat(progress.stage()).isEqualTo(FaultStage.SORT);
        FaultStory sorted = FaultStory.of(List.of(event(FaultEventKind.SORTED, 1, 9, null)));
        assertThat(sorted.complaint("told")).as("an event that names none").isEqualTo("told");
        FaultStory named = FaultStory.of(
                List.of(new FaultEvent(0, FaultEventKind.SORTED, at(1, 9), null, null, "runs-dry", null)));
        assertThat(named.complaint("told")).isEqualTo("runs-dry");
    }

    /** Put right and still there: the cause is out of the ranking, the search goes on; found once more, it is in again. */
    @Test
    void whatWasPutRightOrTriedIsKeptApart() {
        List<FaultEvent> events = new ArrayList<>(BLOCKED_FOUND);
        events.add(event(FaultEventKind.STILL_THERE, 3, 9, null));
        assertThat(FaultStory.of(events).settled()).containsExactly("bar-blocked");
        assertThat(progress(null, events).stage()).isEqualTo(FaultStage.FIND);
        events.add(event(FaultEventKind.CAUSE_FOUND, 4, 9, "hose-split"));
        events.add(event(FaultEventKind.CAUSE_DROPPED, 4, 10, null));
        assertThat(FaultStory.of(events).tried()).containsExactly("hose-split");
        events.add(event(FaultEventKind.CAUSE_FOUND, 5, 9, "hose-split"));
        assertThat(FaultStory.of(events).tried()).isEmpty();
        assertThat(FaultStory.of(events).cause()).isEqualTo("hose-split");
    }

    @Test
    void aDoubtedAnswerStandsNoMore() {
        List<FaultEvent> events = List.of(
                event(FaultEventKind.ANSWERED, 1, 9, "card"),
                event(FaultEventKind.ANSWERED, 1, 10, "drag"),
                event(FaultEventKind.DOUBTED, 1, 11, "card"));
        FaultStory story = FaultStory.of(events);
        assertThat(story.path()).containsExactly(new Answered("drag", "none"));
        assertThat(story.doubted()).containsExactly(Map.entry("card", at(1, 11)));
    }

    @Test
    void asksForTheRepairThenForTheProofThenForTheOfficer() {
        FaultProgress repair = progress(SmallKnowledge.BLOCKED, BLOCKED_FOUND);
        assertThat(repair.stage()).isEqualTo(FaultStage.REPAIR);
        assertThat(repair.steps()).containsExactly(Step.GROOVE);
        StepEntry cleared = record(Step.GROOVE, StepOutcome.FINE, 2, 10);
        FaultProgress prove = progress(SmallKnowledge.BLOCKED, BLOCKED_FOUND, cleared);
        assertThat(prove.stage()).isEqualTo(FaultStage.PROVE);
        assertThat(prove.proof()).isEqualTo(Step.OIL_CARD);
        StepEntry card = record(Step.OIL_CARD, StepOutcome.FINE, 2, 11);
        assertThat(progress(SmallKnowledge.BLOCKED, BLOCKED_FOUND, cleared, card)
                        .stage())
                .isEqualTo(FaultStage.CLOSES);
    }

    @Test
    void whatWasDoneBeforeTheCauseWasFoundProvesNothing() {
        StepEntry before = record(Step.GROOVE, StepOutcome.FINE, 1, 10);
        StepEntry cardBefore = record(Step.OIL_CARD, StepOutcome.FINE, 2, 8);
        assertThat(progress(SmallKnowledge.BLOCKED, BLOCKED_FOUND, before, cardBefore)
                        .stage())
                .isEqualTo(FaultStage.REPAIR);
    }

    @Test
    void aProofThatFailsLaterOpensItAgain() {
        StepEntry cleared = record(Step.GROOVE, StepOutcome.FINE, 2, 10);
        StepEntry card = record(Step.OIL_CARD, StepOutcome.FINE, 2, 11);
        StepEntry failed = record(Step.OIL_CARD, StepOutcome.FAIL, 2, 12);
        assertThat(progress(SmallKnowledge.BLOCKED, BLOCKED_FOUND, cleared, card, failed)
                        .stage())
                .isEqualTo(FaultStage.PROVE);
    }

    @Test
    void aCauseThatIsDroppedIsLookedForAgain() {
        List<FaultEvent> events = new ArrayList<>(BLOCKED_FOUND);
        events.add(event(FaultEventKind.CAUSE_DROPPED, 3, 9, null));
        assertThat(FaultStory.of(events).cause()).isNull();
        assertThat(progress(null, events).stage()).isEqualTo(FaultStage.FIND);
    }

    @Test
    void anAnswerTakenBackNeverWas() {
        FaultStory story = FaultStory.of(List.of(
                event(FaultEventKind.ANSWERED, 1, 9, "card"),
                event(FaultEventKind.ANSWERED, 1, 10, "outlet"),
                event(FaultEventKind.TAKEN_BACK, 1, 11, null),
                event(FaultEventKind.ANSWERED, 1, 12, "hose")));
        assertThat(story.path()).extracting(Answered::check).containsExactly("card", "hose");
        assertThat(FaultStory.of(List.of(event(FaultEventKind.TAKEN_BACK, 1, 9, null)))
                        .path())
                .isEmpty();
    }

    @Test
    void theMechanicDoesTheRepairAndTheProofStaysOurs() {
        List<FaultEvent> sent = List.of(event(FaultEventKind.TO_MECHANIC, 2, 9, null));
        FaultProgress away = progress(null, sent);
        assertThat(away.stage()).isEqualTo(FaultStage.WITH_MECHANIC);
        assertThat(away.steps()).containsExactly(Step.OIL_CARD);
        assertThat(progress(null, sent, record(Step.OIL_CARD, StepOutcome.FINE, 5, 9))
                        .stage())
                .isEqualTo(FaultStage.CLOSES);
    }

    /** Put right, as the mechanic says: its proof is the bench's work now, and what passed before it came back proves nothing. */
    @Test
    void whatIsBackFromTheMechanicWaitsForItsProof() {
        List<FaultEvent> back =
                List.of(event(FaultEventKind.TO_MECHANIC, 2, 9, null), event(FaultEventKind.FROM_MECHANIC, 6, 9, null));
        assertThat(progress(null, back).stage()).isEqualTo(FaultStage.PROVE);
        assertThat(progress(null, back, record(Step.OIL_CARD, StepOutcome.FINE, 5, 9))
                        .stage())
                .isEqualTo(FaultStage.PROVE);
        assertThat(progress(null, back, record(Step.OIL_CARD, StepOutcome.FINE, 7, 9))
                        .stage())
                .isEqualTo(FaultStage.CLOSES);
        List<FaultEvent> again = new ArrayList<>(back);
        again.add(event(FaultEventKind.TO_MECHANIC, 8, 9, null));
        assertThat(progress(null, again, record(Step.OIL_CARD, StepOutcome.FINE, 7, 9))
                        .stage())
                .as("given away once more")
                .isEqualTo(FaultStage.WITH_MECHANIC);
    }

    private static final List<FaultEvent> HOSE_FOUND = List.of(event(FaultEventKind.CAUSE_FOUND, 2, 9, "hose-split"));

    private static FaultStage leak(List<FaultEvent> after, StepEntry... records) {
        List<FaultEvent> events = new ArrayList<>(HOSE_FOUND);
        events.addAll(after);
        return progress(SmallKnowledge.LEAK, events, records).stage();
    }

    @Test
    void aLeakWaitsForItsDryDay() {
        StepEntry hose = record(Step.TANKS, StepOutcome.FINE, 2, 10);
        StepEntry card = record(Step.OIL_CARD, StepOutcome.FINE, 2, 11);
        FaultEvent stood = event(FaultEventKind.STOOD, 2, 12, null);
        assertThat(leak(List.of(), hose, card)).isEqualTo(FaultStage.STAND);
        assertThat(leak(List.of(stood, event(FaultEventKind.LOOKED, 2, 15, "DRY")), hose, card))
                .isEqualTo(FaultStage.STAND);
        assertThat(leak(List.of(stood, event(FaultEventKind.LOOKED, 3, 12, "BELOW")), hose, card))
                .isEqualTo(FaultStage.STAND);
        assertThat(leak(List.of(stood, event(FaultEventKind.LOOKED, 3, 12, "DRY")), hose, card))
                .isEqualTo(FaultStage.CLOSES);
    }

    @Test
    void aRepairDuringTheStandMakesItStandAgain() {
        StepEntry hose = record(Step.TANKS, StepOutcome.FINE, 2, 18);
        StepEntry card = record(Step.OIL_CARD, StepOutcome.FINE, 2, 19);
        List<FaultEvent> stood =
                List.of(event(FaultEventKind.STOOD, 2, 12, null), event(FaultEventKind.LOOKED, 3, 12, "DRY"));
        assertThat(leak(stood, hose, card)).isEqualTo(FaultStage.STAND);
        // Routine work after the last look disturbs nothing.
        StepEntry before = record(Step.TANKS, StepOutcome.FINE, 2, 10);
        StepEntry after = record(Step.TANKS, StepOutcome.FINE, 4, 10);
        assertThat(leak(stood, before, card, after)).isEqualTo(FaultStage.CLOSES);
    }

    @Test
    void closedIsClosed() {
        List<FaultEvent> events = new ArrayList<>(BLOCKED_FOUND);
        events.add(event(FaultEventKind.CLOSED, 3, 9, null));
        Instant closed = FaultStory.of(events).closedAt();
        assertThat(closed).isEqualTo(at(3, 9));
        assertThat(progress(SmallKnowledge.BLOCKED, events).stage()).isEqualTo(FaultStage.CLOSED);
    }
}
