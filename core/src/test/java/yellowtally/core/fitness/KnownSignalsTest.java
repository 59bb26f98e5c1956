package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;
import static yellowtally.core.schedule.Uses.done;
import static yellowtally.core.schedule.Uses.outing;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import yellowtally.core.bar.FlipSchool;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.diagnosis.Signal;
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
import yellowtally.core.steps.StepEntry;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.SisterPaces;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TensionSettings;

/** What the finder is told of a saw before its first question. */
class KnownSignalsTest {

    private static final Numbers STANDARD = Numbers.STANDARD;

    private static Set<Signal> known(
            TensionOutcome read,
            List<UseEntry> uses,
            List<StepEntry> more,
            List<OilUse> oil,
            MeasureEntry... measured) {
        List<StepEntry> records = new ArrayList<>();
        for (Step step : Step.values()) {
            records.add(done(1, step));
        }
        records.add(new StepEntry(
                Step.OIL_CARD, at(1, 20), day(1), StepOutcome.FINE, Set.of(), null, EnumSet.allOf(Subject.class)));
        records.addAll(more);
        TensionLedger tension = new TensionLedger(
                new LoopSpec(Pitch.P_325, Gauge.G_050, 68),
                true,
                false,
                20.0,
                List.of(new TensionLedger.CheckEntry(
                        at(2, 19), true, CheckOccasion.ROUTINE, read, false, 0, 0.8, null)),
                List.of());
        ScheduleLedger schedule = new ScheduleLedger(Profiles.petrol(), Uses.START, uses, records, List.of(), null);
        PartLedger parts = new PartLedger(List.of(measured), List.of(), List.of(), 1, null);
        SawLedger ledger = new SawLedger(tension, schedule, List.of(), oil, List.of());
        SawAccount account = ledger.assess(
                SisterPaces.NONE, new SawLedger.Rules(TensionSettings.STANDARD, STANDARD, Seasons.STANDARD, day(5)));
        SawWear wear = SawWear.of(
                new SawWear.Ledgers(parts, schedule, tension),
                account.tension().growth(),
                new SawWear.Rules(STANDARD, TensionSettings.STANDARD, FlipSchool.EACH_NEW_CHAIN));
        return KnownSignals.of(account, ledger, parts, wear, STANDARD);
    }

    private static StepEntry found(int day, Step step, Finding... findings) {
        return new StepEntry(
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
            new MeasureEntry("a", Measure.LEFT_SHORTEST, at(3, 9), 7.8),
            new MeasureEntry("a", Measure.LEFT_LONGEST, at(3, 9), 7.9),
            new MeasureEntry("a", Measure.RIGHT_SHORTEST, at(3, 9), 7.2),
            new MeasureEntry("a", Measure.RIGHT_LONGEST, at(3, 9), 7.7),
        };
        assertThat(known(TensionOutcome.RIGHT, List.of(), List.of(), List.of(), leftLonger))
                .contains(Signal.LEFT_CUTTERS_LONGER, Signal.CUTTERS_UNEVEN)
                .doesNotContain(Signal.RIGHT_CUTTERS_LONGER);
    }

    @Test
    void findingsThatWaitSpeak() {
        assertThat(known(
                        TensionOutcome.RIGHT,
                        List.of(),
                        List.of(
                                found(3, Step.SPROCKET, Finding.SPROCKET_PLAN),
                                found(3, Step.GROOVE, Finding.GROOVE_WATCH),
                                found(3, Step.FILL, Finding.FUEL_OLD)),
                        List.of()))
                .contains(Signal.SPROCKET_WORN, Signal.GROOVE_WORN, Signal.FUEL_OLD);
    }
}
