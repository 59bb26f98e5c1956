package yellowtally.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;

/** What the bench has looked at since the saw came back is not looked at again. */
class OnRecordTest {

    private static final BenchAnswer BY_CARD =
            new BenchAnswer(Step.OIL_CARD, "line", Map.of(Finding.OIL_NONE, "none", Finding.BULB_STAYS_FLAT, "none"));
    private static final Check CARD = answeredBy(SmallKnowledge.CARD, BY_CARD);
    /** Cleaning puts right what it finds: a clean record says nothing of how it was before. */
    private static final Check OUTLET = answeredBy(
            SmallKnowledge.OUTLET,
            new BenchAnswer(Step.CLEAN_COVER, null, Map.of(Finding.OIL_OUTLET_PACKED, "nothing")));

    private static Check answeredBy(Check check, BenchAnswer bench) {
        return new Check(
                check.code(),
                check.title(),
                check.how(),
                null,
                check.stage(),
                null,
                check.minutes(),
                Set.of(),
                check.answers(),
                check.usually(),
                check.when(),
                bench);
    }

    private static StepEntry record(Step step, int day, StepOutcome outcome, Finding... findings) {
        return new StepEntry(
                0, step, at(day, 8), day(day), outcome, Set.of(findings), null, EnumSet.allOf(Subject.class));
    }

    private static @Nullable String answer(Check check, List<StepEntry> records, @Nullable Integer backOnDay) {
        OnRecord known = OnRecord.of(List.of(check), SawLog.of(records), backOnDay == null ? null : at(backOnDay, 7))
                .get(check.code());
        return known == null ? null : known.answer();
    }

    @ParameterizedTest
    @CsvSource({
        "OIL_CARD,    FINE,   ,                  line",
        "OIL_CARD,    FAIL,   OIL_NONE,          none",
        "OIL_CARD,    ATTEND, BULB_STAYS_FLAT,   none",
        "OIL_CARD,    ATTEND, OIL_FAINT,         ",
        "OIL_CARD,    ATTEND, ,                  ",
        "GROOVE,      FINE,   ,                  ",
    })
    void aRecordOfItsStepAnswersACheck(
            Step step, StepOutcome outcome, @Nullable Finding finding, @Nullable String answer) {
        StepEntry record = finding == null ? record(step, 3, outcome) : record(step, 3, outcome, finding);
        assertThat(answer(CARD, List.of(record), null)).isEqualTo(answer);
    }

    @Test
    void aStepThatPutsThingsRightAnswersByItsFindingsOnly() {
        assertThat(answer(OUTLET, List.of(record(Step.CLEAN_COVER, 3, StepOutcome.FINE)), null))
                .isNull();
        assertThat(answer(
                        OUTLET,
                        List.of(record(Step.CLEAN_COVER, 3, StepOutcome.ATTEND, Finding.OIL_OUTLET_PACKED)),
                        null))
                .isEqualTo("nothing");
    }

    @Test
    void theLatestRecordCountsAndOnlySinceTheSawCameBack() {
        List<StepEntry> records = List.of(
                record(Step.OIL_CARD, 3, StepOutcome.FAIL, Finding.OIL_NONE),
                record(Step.OIL_CARD, 5, StepOutcome.FINE));
        assertThat(answer(CARD, records, null)).isEqualTo("line");
        assertThat(answer(CARD, records, 4)).isEqualTo("line");
        assertThat(answer(CARD, records, 6)).as("it was out since").isNull();
    }

    @Test
    void aLaterRecordThatTellsNothingHidesAnOlderOne() {
        List<StepEntry> records = List.of(
                record(Step.OIL_CARD, 3, StepOutcome.FINE),
                record(Step.OIL_CARD, 5, StepOutcome.ATTEND, Finding.OIL_FAINT));
        assertThat(answer(CARD, records, null)).isNull();
    }

    @Test
    void aRecordOfAnotherPartSaysNothingOfThisOne() {
        Check bar = answeredBy(SmallKnowledge.DRAG, new BenchAnswer(Step.GROOVE, "drags", Map.of()));
        StepEntry other = new StepEntry(
                0, Step.GROOVE, at(3, 8), day(3), StepOutcome.FINE, Set.of(), null, EnumSet.of(Subject.SAW));
        assertThat(answer(bar, List.of(other), null)).isNull();
        assertThat(answer(bar, List.of(record(Step.GROOVE, 3, StepOutcome.FINE)), null))
                .isEqualTo("drags");
    }

    @Test
    void aCheckThatTheBenchAnsweredCostsNothingAndIsAskedFirst() {
        Finder finder = new Finder(
                SmallKnowledge.BASE,
                SmallKnowledge.DRY,
                new FinderCase(SawKinds.all().get(0), Set.of(), Set.of(), Map.of("hose", said("whole"))),
                Numbers.STANDARD);
        Diagnosis start = finder.after(List.of());
        assertThat(start.next()).isNotNull();
        assertThat(start.next().check()).isEqualTo(SmallKnowledge.HOSE);
        assertThat(start.next().minutes()).isZero();
        Diagnosis after = finder.after(List.of(new Answered("hose", "whole")));
        assertThat(after.minutes()).isZero();
        assertThat(after.open()).as("nobody opened anything for it").doesNotContain(Stage.TANKS_DRAINED);
        assertThat(after.first().share())
                .as("it is weighed like any other answer: 6 × 0.95 of 6.65 + 0.15")
                .isCloseTo(6 * 0.95 / (7 * 0.95 + 3 * 0.05), within(1e-9));
    }

    private static OnRecord said(String answer) {
        return new OnRecord(answer, at(3, 8));
    }

    private static List<Answered> taken(Map<String, OnRecord> onRecord, List<Answered> path) {
        return new Finder(
                        SmallKnowledge.BASE,
                        SmallKnowledge.DRY,
                        new FinderCase(SawKinds.all().get(0), Set.of(), Set.of(), onRecord),
                        Numbers.STANDARD)
                .fromRecords(path);
    }

    @Test
    void allThatTheBenchAnsweredIsTakenTogether() {
        Map<String, OnRecord> onRecord = Map.of("hose", said("whole"), "drag", said("drags"));
        Answered hose = new Answered("hose", "whole");
        Answered drag = new Answered("drag", "drags");
        assertThat(taken(onRecord, List.of())).containsExactlyInAnyOrder(hose, drag);
        assertThat(taken(onRecord, List.of(hose)))
                .as("what was answered is not answered again")
                .containsExactly(drag);
        assertThat(taken(onRecord, List.of(hose, new Answered("drag", "free"))))
                .as("nor over the word of the hand")
                .isEmpty();
        assertThat(taken(Map.of(), List.of())).isEmpty();
    }

    @Test
    void aRecordThatTellsNothingMoreIsLeftOut() {
        assertThat(taken(Map.of("card", said("none")), List.of()))
                .as("at first the card tells blocked or uncaught from split")
                .containsExactly(new Answered("card", "none"));
        assertThat(taken(Map.of("hose", said("whole"), "drag", said("drags"), "card", said("none")), List.of()))
                .as("a drive that drags and a whole hose leave it nothing to tell")
                .containsExactlyInAnyOrder(new Answered("hose", "whole"), new Answered("drag", "drags"));
    }
}
