package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;
import static yellowtally.core.schedule.Uses.done;
import static yellowtally.core.schedule.Uses.outing;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.bar.FlipSchool;
import yellowtally.core.diagnosis.FaultEvent;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.core.diagnosis.FaultStory;
import yellowtally.core.diagnosis.KnownFact;
import yellowtally.core.drive.LoopsRun;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.log.SawLog;
import yellowtally.core.oiling.OilUse;
import yellowtally.core.oiling.Wet;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.schedule.Uses;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.Step;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.Work;

/** What nobody is asked for, because it is on record. Served on day 1, out on day 3, looked at on day 6. */
class KnownFactsTest {

    private static final Numbers STANDARD = Numbers.STANDARD;
    private static final FaultStory NOTHING = FaultStory.of(List.of());
    private static final KnownFacts.Besides NONE = new KnownFacts.Besides(Set.of(), null, null, NOTHING);
    private static final List<UseEntry> OUT = List.of(outing(3, 1));

    private static Map<KnownFact, Instant> known(
            TensionLedger tension,
            List<UseEntry> uses,
            List<OilUse> oil,
            KnownFacts.Besides besides,
            MeasureEntry... measured) {
        ScheduleLedger schedule = new ScheduleLedger(
                Profiles.petrol(), Uses.START, uses, SawLog.of(List.of(done(1, Step.SHARPEN))), List.of(), null);
        PartLedger parts = PartLedger.of(List.of(measured), List.of(), List.of(), LoopsRun.NONE, null);
        SawLedger ledger = new SawLedger(tension, schedule, HoldRecords.NONE, oil, List.of(), parts);
        SawAccount account = ledger.assess(Sisters.NONE, new SawLedger.Rules(STANDARD, Seasons.STANDARD, day(6)));
        SawWear wear = SawWear.of(
                new SawWear.Ledgers(parts, schedule, tension),
                account.tension().growth(),
                new SawWear.Rules(STANDARD, FlipSchool.EVERY_SHARPENING));
        return KnownFacts.of(ledger, account, wear, besides, at(6, 8), STANDARD);
    }

    private static TensionLedger read(int day, TensionOutcome outcome) {
        return Loops.ledger(List.of(Loops.check(at(day, 9), CheckOccasion.ROUTINE, outcome, 0)), List.of());
    }

    @ParameterizedTest
    @CsvSource({
        "RIGHT,       TENSION_RIGHT",
        "FIRM,        TENSION_RIGHT",
        "LOOSE,       TENSION_LOOSE",
        "THROW_RISK,  TENSION_LOOSE",
        "TOO_TIGHT,   TENSION_TIGHT",
        "STUCK_TIGHT, CHAIN_FAST",
        "JAMMED,      CHAIN_FAST",
        "TIGHT_SPOT,  CHAIN_TIGHT_SPOT",
    })
    void aReadingSinceItCameBackIsNotAskedAgain(TensionOutcome outcome, KnownFact fact) {
        assertThat(known(read(4, outcome), OUT, List.of(), NONE)).containsEntry(fact, at(4, 9));
        assertThat(known(read(2, outcome), OUT, List.of(), NONE))
                .as("out in the wood everything can change")
                .doesNotContainKey(fact);
    }

    @Test
    void anUnfairReadingAnswersNothingAndASlackReturnDoes() {
        UseEntry slack = outing(3, 1, Set.of(), Set.of(DueEvent.CHAIN_SLACK));
        Map<KnownFact, Instant> known = known(read(4, TensionOutcome.NO_VERDICT), List.of(slack), List.of(), NONE);
        assertThat(known).containsEntry(KnownFact.TENSION_LOOSE, slack.backAt());
        assertThat(known(read(4, TensionOutcome.RIGHT), List.of(slack), List.of(), NONE))
                .as("a reading counts before what was said")
                .containsKey(KnownFact.TENSION_RIGHT)
                .doesNotContainKey(KnownFact.TENSION_LOOSE);
    }

    private static MeasureEntry[] sides(double left, double right, double spread) {
        return new MeasureEntry[] {
            new MeasureEntry(0, "a", Measure.LEFT_SHORTEST, at(2, 9), left),
            new MeasureEntry(0, "a", Measure.LEFT_LONGEST, at(2, 9), left + spread),
            new MeasureEntry(0, "a", Measure.RIGHT_SHORTEST, at(2, 9), right),
            new MeasureEntry(0, "a", Measure.RIGHT_LONGEST, at(2, 9), right + spread),
        };
    }

    @ParameterizedTest
    @CsvSource({
        "8.0, 8.0, 0.1, SIDES_EVEN",
        "8.0, 7.6, 0.1, LEFT_CUTTERS_LONGER",
        "7.6, 8.0, 0.1, RIGHT_CUTTERS_LONGER",
        "8.0, 8.0, 0.6, SIDES_UNEVEN",
    })
    void lengthsStandUntilGroundWasStruck(double left, double right, double spread, KnownFact fact) {
        MeasureEntry[] measured = sides(left, right, spread);
        TensionLedger read = read(4, TensionOutcome.RIGHT);
        assertThat(known(read, OUT, List.of(), NONE, measured)).containsEntry(fact, at(2, 9));
        UseEntry struck = outing(3, 1, Set.of(), Set.of(DueEvent.GROUND_STRUCK));
        assertThat(known(read, List.of(struck), List.of(), NONE, measured)).doesNotContainKey(fact);
    }

    @ParameterizedTest
    @CsvSource({"0.9, 0.6, LEFT_GAUGES_LOWER", "0.6, 0.9, RIGHT_GAUGES_LOWER"})
    void gaugesOfTheSidesAreCompared(double left, double right, KnownFact fact) {
        TensionLedger read = read(4, TensionOutcome.RIGHT);
        MeasureEntry[] measured = {
            new MeasureEntry(0, "a", Measure.GAUGE_LEFT_MOST, at(5, 9), left),
            new MeasureEntry(0, "a", Measure.GAUGE_RIGHT_MOST, at(5, 9), right),
        };
        assertThat(known(read, OUT, List.of(), NONE, measured)).containsEntry(fact, at(5, 9));
        MeasureEntry[] alike = {
            new MeasureEntry(0, "a", Measure.GAUGE_LEFT_MOST, at(5, 9), left),
            new MeasureEntry(0, "a", Measure.GAUGE_RIGHT_MOST, at(5, 9), left + 0.05),
        };
        assertThat(known(read, OUT, List.of(), NONE, alike)).doesNotContainKey(fact);
    }

    /** Days in the can at the fill, and the days since: it was filled on day 2, four days ago. */
    @ParameterizedTest
    @CsvSource({"5, FUEL_FRESH", "25, FUEL_FRESH", "26.5, FUEL_OLD"})
    void theAgeOfTheFuelIsCounted(double atFill, KnownFact fact) {
        assertThat(known(
                        read(4, TensionOutcome.RIGHT),
                        OUT,
                        List.of(),
                        NONE,
                        new MeasureEntry(0, "f", Measure.FUEL_AGE, at(2, 7), atFill)))
                .containsEntry(fact, at(2, 7));
    }

    /** Filled fresh after it came back: that it ran on old fuel stays known, and a fill alone says nothing of what it ran on. */
    @Test
    void aFillAfterTheReturnSaysNothingOfTheFuelItRanOn() {
        MeasureEntry old = new MeasureEntry(0, "f", Measure.FUEL_AGE, at(2, 7), 40);
        MeasureEntry fresh = new MeasureEntry(1, "g", Measure.FUEL_AGE, at(5, 7), 0);
        assertThat(known(read(4, TensionOutcome.RIGHT), OUT, List.of(), NONE, old, fresh))
                .containsEntry(KnownFact.FUEL_OLD, at(2, 7))
                .doesNotContainKey(KnownFact.FUEL_FRESH);
        assertThat(known(read(4, TensionOutcome.RIGHT), OUT, List.of(), NONE, fresh))
                .doesNotContainKeys(KnownFact.FUEL_OLD, KnownFact.FUEL_FRESH);
    }

    @ParameterizedTest
    @CsvSource({"1.0, OIL_RAN_OUT", "0.5, OIL_LEFT"})
    void theReturnTellsTheOil(double used, KnownFact fact) {
        Instant back = OUT.get(0).backAt();
        TensionLedger read = read(4, TensionOutcome.RIGHT);
        assertThat(known(read, OUT, List.of(new OilUse(back, 1, used)), NONE)).containsEntry(fact, back);
        assertThat(known(read, OUT, List.of(new OilUse(back, 1, 0.9)), NONE))
                .as("neither full nor empty")
                .doesNotContainKeys(KnownFact.OIL_LEFT, KnownFact.OIL_RAN_OUT);
    }

    @Test
    void workStampsAndTheBarAreKnown() {
        KnownFacts.Besides said = new KnownFacts.Besides(Set.of(Work.LIMBING), true, at(1, 8), NOTHING);
        assertThat(known(read(4, TensionOutcome.RIGHT), OUT, List.of(), said))
                .containsKeys(KnownFact.CUT_BRUSH, KnownFact.PARTS_FIT, KnownFact.BAR_NOT_TURNED);
        KnownFacts.Besides trunks = new KnownFacts.Besides(Set.of(Work.FELLING), false, at(1, 8), NOTHING);
        assertThat(known(read(4, TensionOutcome.RIGHT), OUT, List.of(), trunks))
                .containsKeys(KnownFact.CUT_TRUNKS, KnownFact.PARTS_DO_NOT_FIT);
        assertThat(known(read(4, TensionOutcome.RIGHT), OUT, List.of(), NONE))
                .doesNotContainKeys(KnownFact.CUT_BRUSH, KnownFact.CUT_TRUNKS, KnownFact.PARTS_FIT);
    }

    @Test
    void aNewLoopIsNewAndOneOfItsAgeIsNot() {
        TensionLedger fitted = new TensionLedger(
                Loops.LOOP,
                Loops.HERE,
                true,
                true,
                20.0,
                List.of(Loops.check(at(4, 9), CheckOccasion.SET_WAS_APART, TensionOutcome.RIGHT, 0)),
                List.of());
        assertThat(known(fitted, OUT, List.of(), NONE)).containsKey(KnownFact.LOOP_NEW);
        assertThat(known(read(4, TensionOutcome.RIGHT), OUT, List.of(), NONE))
                .as("nobody knows how far a loop had grown that came here used")
                .doesNotContainKeys(KnownFact.LOOP_NEW, KnownFact.LOOP_MIDDLE_AGED);
    }

    /** The fault's own stand answers where it is wet, until it is stood again. */
    @Test
    void theStandOnCardAnswersWhereItIsWet() {
        List<FaultEvent> events = new ArrayList<>(List.of(
                new FaultEvent(0, FaultEventKind.STOOD, at(4, 8), null, null, null, null),
                new FaultEvent(0, FaultEventKind.LOOKED, at(4, 12), null, null, null, Wet.CAP)));
        KnownFacts.Besides stood = new KnownFacts.Besides(Set.of(), null, null, FaultStory.of(events));
        assertThat(known(read(4, TensionOutcome.RIGHT), OUT, List.of(), stood))
                .containsEntry(KnownFact.WET_AT_CAP, at(4, 12));
        events.add(new FaultEvent(0, FaultEventKind.STOOD, at(4, 13), null, null, null, null));
        KnownFacts.Besides again = new KnownFacts.Besides(Set.of(), null, null, FaultStory.of(events));
        assertThat(known(read(4, TensionOutcome.RIGHT), OUT, List.of(), again)).doesNotContainKey(KnownFact.WET_AT_CAP);
    }
}
