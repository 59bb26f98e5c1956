package yellowtally.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;

import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.schedule.Uses;
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
                bench,
                Check.Terms.NONE);
    }

    private static StepEntry record(Step step, int day, StepOutcome outcome, Finding... findings) {
        return new StepEntry(
                0, step, at(day, 8), day(day), outcome, Set.of(findings), null, EnumSet.allOf(Subject.class));
    }

    private static @Nullable String answer(Check check, List<StepEntry> records, @Nullable Integer backOnDay) {
        OnRecord known = OnRecord.of(
                        List.of(check),
                        new OnRecord.Source(
                                SawLog.of(records), backOnDay == null ? null : at(backOnDay, 7), Map.of(), Map.of()))
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

    /** A line on the card, and then the drum came off: whether the oil drive has caught again is not known. */
    @Test
    void aStepThatCanChangeItMakesARecordVoid() {
        Check card =
                answeredBy(SmallKnowledge.CARD, new BenchAnswer(Step.OIL_CARD, "line", Map.of(), Set.of(Step.BEARING)));
        StepEntry line = record(Step.OIL_CARD, 3, StepOutcome.FINE);
        assertThat(answer(card, List.of(line, record(Step.BEARING, 2, StepOutcome.FINE)), null))
                .isEqualTo("line");
        assertThat(answer(card, List.of(line, record(Step.BEARING, 4, StepOutcome.FINE)), null))
                .isNull();
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

    /** A day in a notebook is no look at the thing: it is asked, though the same done here is not. */
    @Test
    void whatWasToldIsNoAnswer() {
        Check bar = answeredBy(SmallKnowledge.DRAG, new BenchAnswer(Step.GROOVE, "drags", Map.of()));
        assertThat(answer(bar, List.of(Uses.told(3, Step.GROOVE, 4, 1.0)), null))
                .isNull();
        assertThat(answer(
                        bar,
                        List.of(Uses.told(3, Step.GROOVE, 4, 1.0), record(Step.GROOVE, 5, StepOutcome.FINE)),
                        null))
                .isEqualTo("drags");
    }

    private static Map<String, OnRecord> known(Map<KnownFact, Instant> facts, Map<String, Instant> doubted) {
        Check card = new Check(
                CARD.code(),
                CARD.title(),
                CARD.how(),
                null,
                CARD.stage(),
                null,
                CARD.minutes(),
                Set.of(),
                CARD.answers(),
                CARD.usually(),
                CARD.when(),
                CARD.bench(),
                new Check.Terms(false, false, Set.of(), Set.of(), Map.of(KnownFact.OIL_RAN_OUT, "none")));
        SawLog log = SawLog.of(List.of(record(Step.OIL_CARD, 5, StepOutcome.FINE)));
        return OnRecord.of(List.of(card), new OnRecord.Source(log, null, facts, doubted));
    }

    /** The latest of what the bench and the program know stands; doubted, only what is later than the doubt. */
    @Test
    void theLaterOfBenchAndProgramStandsUntilItIsDoubted() {
        assertThat(known(Map.of(KnownFact.OIL_RAN_OUT, at(4, 8)), Map.of()))
                .containsEntry("card", new OnRecord("line", at(5, 8)));
        Map<KnownFact, Instant> later = Map.of(KnownFact.OIL_RAN_OUT, at(6, 8));
        assertThat(known(later, Map.of())).containsEntry("card", new OnRecord("none", at(6, 8)));
        assertThat(known(later, Map.of("card", at(6, 9)))).isEmpty();
        assertThat(known(later, Map.of("card", at(5, 9))))
                .as("what came after the doubt stands")
                .containsEntry("card", new OnRecord("none", at(6, 8)));
    }

    private static Finder knowing(Map<String, OnRecord> onRecord) {
        return new Finder(
                SmallKnowledge.BASE,
                SmallKnowledge.DRY,
                new FinderCase(SawKinds.all().get(0), Set.of(), Set.of(), onRecord, Set.of(), Set.of()),
                Numbers.STANDARD);
    }

    @Test
    void whatIsKnownStandsCostsNothingAndIsNotAsked() {
        Finder finder = knowing(Map.of("hose", said("whole")));
        Diagnosis start = finder.after(List.of());
        assertThat(start.minutes()).isZero();
        assertThat(start.open()).as("nobody opened anything for it").doesNotContain(Stage.TANKS_DRAINED);
        assertThat(start.first().share())
                .as("it is weighed like any other answer: 6 × 0.95 of 6.65 + 0.15")
                .isCloseTo(6 * 0.95 / (7 * 0.95 + 3 * 0.05), within(1e-9));
        assertThat(asked(start)).doesNotContain("hose");
    }

    private static List<String> asked(Diagnosis stands) {
        return Stream.concat(Stream.ofNullable(stands.next()), stands.others().stream())
                .map(offer -> offer.check().code())
                .toList();
    }

    private static OnRecord said(String answer) {
        return new OnRecord(answer, at(3, 8));
    }

    @Test
    void theWordOfTheHandStandsOverTheRecord() {
        Map<String, OnRecord> onRecord = Map.of("hose", said("whole"), "drag", said("drags"));
        Finder finder = knowing(onRecord);
        assertThat(finder.standing(List.of()))
                .containsExactlyInAnyOrder(new Answered("hose", "whole"), new Answered("drag", "drags"));
        List<Answered> hand = List.of(new Answered("drag", "free"));
        assertThat(finder.standing(hand)).containsExactly(new Answered("hose", "whole"));
        assertThat(finder.after(hand).first().cause()).isEqualTo(SmallKnowledge.DRIVE);
    }
}
