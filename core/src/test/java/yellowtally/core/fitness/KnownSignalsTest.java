package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;
import static yellowtally.core.schedule.Uses.done;
import static yellowtally.core.schedule.Uses.outing;

import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.bar.FlipSchool;
import yellowtally.core.diagnosis.Signal;
import yellowtally.core.drive.LoopsRun;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.oiling.OilUse;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.schedule.Uses;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;
import yellowtally.core.tension.TensionOutcome;

/** What the finder is told of a saw before its first question. */
class KnownSignalsTest {

    private static final Numbers STANDARD = Numbers.STANDARD;

    private static Set<Signal> known(
            TensionOutcome read,
            List<UseEntry> uses,
            List<StepEntry> more,
            List<OilUse> oil,
            MeasureEntry... measured) {
        return known(read, uses, more, oil, null, measured);
    }

    private static Set<Signal> known(
            TensionOutcome read,
            List<UseEntry> uses,
            List<StepEntry> more,
            List<OilUse> oil,
            @Nullable Instant newChainAt,
            MeasureEntry... measured) {
        List<StepEntry> records = new ArrayList<>();
        for (Step step : Step.values()) {
            records.add(done(1, step));
        }
        records.add(new StepEntry(
                0, Step.OIL_CARD, at(1, 20), day(1), StepOutcome.FINE, Set.of(), null, EnumSet.allOf(Subject.class)));
        records.addAll(more);
        TensionLedger tension = Loops.read(at(2, 19), read);
        ScheduleLedger schedule =
                new ScheduleLedger(Profiles.petrol(), Uses.START, uses, SawLog.of(records), List.of(), null);
        PartLedger parts = PartLedger.of(List.of(measured), List.of(), List.of(), LoopsRun.NONE, newChainAt);
        SawLedger ledger = new SawLedger(tension, schedule, HoldRecords.NONE, oil, List.of(), parts);
        SawAccount account = ledger.assess(Sisters.NONE, new SawLedger.Rules(STANDARD, Seasons.STANDARD, day(5)));
        SawWear wear = SawWear.of(
                new SawWear.Ledgers(parts, schedule, tension),
                account.tension().growth(),
                new SawWear.Rules(STANDARD, FlipSchool.EACH_NEW_CHAIN));
        return KnownSignals.of(account, ledger, parts, wear, STANDARD);
    }

    private static StepEntry found(int day, Step step, Finding... findings) {
        return new StepEntry(
                0,
                step,
                at(day, 12),
                day(day),
                findings.length == 0 ? StepOutcome.FINE : StepOutcome.ATTEND,
                Set.of(findings),
                null,
                EnumSet.allOf(Subject.class));
    }

    @Test
    void ofAServedSawNothingIsKnown() {
        assertThat(known(TensionOutcome.RIGHT, List.of(), List.of(), List.of())).isEmpty();
    }

    @Test
    void aDrumThatWasOffAfterTheLastCardIsAFreshSprocket() {
        assertThat(known(TensionOutcome.RIGHT, List.of(), List.of(found(3, Step.BEARING)), List.of()))
                .containsExactly(Signal.FRESH_SPROCKET);
        assertThat(known(
                        TensionOutcome.RIGHT,
                        List.of(),
                        List.of(found(3, Step.BEARING), found(4, Step.OIL_CARD)),
                        List.of()))
                .isEmpty();
    }

    @Test
    void oilThatIsUsedSpeaks() {
        assertThat(known(TensionOutcome.RIGHT, List.of(), List.of(), List.of(new OilUse(at(3, 16), 3, 1.2))))
                .contains(Signal.OIL_USE_LOW);
        assertThat(known(TensionOutcome.RIGHT, List.of(), List.of(), List.of(new OilUse(at(3, 16), 3, 4.8))))
                .contains(Signal.OIL_USE_HIGH);
    }

    @Test
    void readingsOfTensionSpeak() {
        assertThat(known(TensionOutcome.LOOSE, List.of(), List.of(), List.of())).contains(Signal.LOOSE_WHEN_READ);
        assertThat(known(TensionOutcome.TOO_TIGHT, List.of(), List.of(), List.of()))
                .contains(Signal.TIGHT_WHEN_READ);
    }

    @Test
    void aWetDayOnTheGroundSpeaks() {
        UseEntry wet = outing(3, 1, Set.of(), Set.of(DueEvent.RAIN, DueEvent.GROUND_STRUCK));
        assertThat(known(TensionOutcome.RIGHT, List.of(wet), List.of(), List.of()))
                .contains(Signal.RAIN_OUTINGS, Signal.GROUND_STRUCK);
    }

    @Test
    void whatWasMeasuredOnBothSidesSpeaks() {
        MeasureEntry[] leftLonger = {
            new MeasureEntry(0, "a", Measure.LEFT_SHORTEST, at(3, 9), 7.8),
            new MeasureEntry(0, "a", Measure.LEFT_LONGEST, at(3, 9), 7.9),
            new MeasureEntry(0, "a", Measure.RIGHT_SHORTEST, at(3, 9), 7.2),
            new MeasureEntry(0, "a", Measure.RIGHT_LONGEST, at(3, 9), 7.7),
        };
        assertThat(known(TensionOutcome.RIGHT, List.of(), List.of(), List.of(), leftLonger))
                .contains(Signal.LEFT_CUTTERS_LONGER, Signal.CUTTERS_UNEVEN)
                .doesNotContain(Signal.RIGHT_CUTTERS_LONGER);
    }

    @Test
    void findingsThatWaitSpeak() {
        assertThat(known(TensionOutcome.RIGHT, List.of(), List.of(found(3, Step.FILL, Finding.FUEL_OLD)), List.of()))
                .contains(Signal.FUEL_OLD);
        assertThat(known(
                        TensionOutcome.RIGHT,
                        List.of(),
                        List.of(),
                        List.of(),
                        new MeasureEntry(1, "s", Measure.SPROCKET_WEAR, at(3, 9), 0.35),
                        new MeasureEntry(2, "g", Measure.GROOVE_DEPTH, at(3, 9), 6.3)))
                .contains(Signal.SPROCKET_WORN, Signal.GROOVE_WORN);
    }

    /** What its limit has used up speaks for its cause, and nothing before that. */
    @ParameterizedTest
    @CsvSource({
        "SHARPEN_OVERDUE,   3",
        "FILTER_OVERDUE,    5",
        "BEARING_OVERDUE,   20",
        "PLUG_OVERDUE,      40",
        "STARTER_OVERDUE,   40",
        "ARRESTOR_OVERDUE,  40",
    })
    void whatIsOverdueSpeaks(Signal signal, double tanks) {
        assertThat(known(TensionOutcome.RIGHT, List.of(outing(3, tanks)), List.of(), List.of()))
                .contains(signal);
        assertThat(known(TensionOutcome.RIGHT, List.of(outing(3, tanks - 0.1)), List.of(), List.of()))
                .doesNotContain(signal);
    }

    /** Left out three times, not once. */
    @ParameterizedTest
    @CsvSource({"2, false", "3, true"})
    void whatIsLeftOftenSpeaks(int outings, boolean speaks) {
        List<UseEntry> uses = new ArrayList<>();
        for (int i = 0; i < outings; i++) {
            uses.add(outing(2 + i, 0.1));
        }
        Set<Signal> known = known(TensionOutcome.RIGHT, uses, List.of(), List.of());
        assertThat(known.contains(Signal.LONG_SINCE_CLEAN)).isEqualTo(speaks);
        assertThat(known.contains(Signal.NOSE_UNGREASED)).isEqualTo(speaks);
    }

    @Test
    void aBarThatWasNotTurnedWithItsNewChainSpeaks() {
        assertThat(known(TensionOutcome.RIGHT, List.of(), List.of(), List.of(), at(3, 9)))
                .contains(Signal.FLIP_OVERDUE);
        assertThat(known(TensionOutcome.RIGHT, List.of(), List.of(), List.of(), (Instant) null))
                .doesNotContain(Signal.FLIP_OVERDUE);
    }

    private static Set<Signal> measured(double leftShort, double leftLong, double rightShort, double rightLong) {
        return known(
                TensionOutcome.RIGHT,
                List.of(),
                List.of(),
                List.of(),
                new MeasureEntry(0, "a", Measure.LEFT_SHORTEST, at(3, 9), leftShort),
                new MeasureEntry(0, "a", Measure.LEFT_LONGEST, at(3, 9), leftLong),
                new MeasureEntry(0, "a", Measure.RIGHT_SHORTEST, at(3, 9), rightShort),
                new MeasureEntry(0, "a", Measure.RIGHT_LONGEST, at(3, 9), rightLong));
    }

    /** Either side can be the longer one, and either can be uneven in itself. */
    @Test
    void eitherSideSpeaksForItself() {
        assertThat(measured(7.5, 7.5, 7.5, 7.5)).isEmpty();
        assertThat(measured(7.5, 7.5, 7.25, 7.25)).as("within 0.3 mm").isEmpty();
        assertThat(measured(7.75, 7.75, 7.25, 7.25)).containsExactly(Signal.LEFT_CUTTERS_LONGER);
        assertThat(measured(7.25, 7.25, 7.75, 7.75)).containsExactly(Signal.RIGHT_CUTTERS_LONGER);
        assertThat(measured(7.25, 7.75, 7.5, 7.5)).containsExactly(Signal.CUTTERS_UNEVEN);
        assertThat(measured(7.5, 7.5, 7.25, 7.75)).containsExactly(Signal.CUTTERS_UNEVEN);
        assertThat(measured(7.375, 7.625, 7.5, 7.5)).as("within 0.4 mm").isEmpty();
    }
}
