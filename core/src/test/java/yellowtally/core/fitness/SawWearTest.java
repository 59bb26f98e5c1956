package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.schedule.Uses.at;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import yellowtally.core.bar.FlipSchool;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.drive.LoopsRun;
import yellowtally.core.drive.Pairing.PairingNote;
import yellowtally.core.edge.LoopCutters;
import yellowtally.core.edge.Schools;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.schedule.Uses;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.wear.PartWear;
import yellowtally.core.wear.WearKind;

/** Wear of a set, read off its ledgers: outings every third day with three tanks, a sharpening after each. */
class SawWearTest {

    private static final LoopSpec LOOP = new LoopSpec(Pitch.P_325, Gauge.G_050, 68);

    private static MeasureEntry measure(int day, Measure measure, double mm) {
        return new MeasureEntry(0, "record " + day, measure, at(day, 19), mm);
    }

    private static SawWear wear(
            int outings, List<MeasureEntry> measures, List<Integer> dressings, List<Integer> turns) {
        List<UseEntry> uses = new ArrayList<>();
        List<StepEntry> done = new ArrayList<>();
        for (int i = 1; i <= outings; i++) {
            uses.add(Uses.outing(3 * i, 3));
            done.add(Uses.done(3 * i, Step.SHARPEN));
        }
        PartLedger parts = PartLedger.of(
                measures,
                dressings.stream().map(day -> at(day, 20)).toList(),
                turns.stream().map(day -> at(day, 20)).toList(),
                LoopsRun.NONE,
                null);
        Double latest = parts.latestCutterMm().orElse(null);
        ScheduleLedger schedule = new ScheduleLedger(
                Profiles.petrol(Schools.STANDARD, LoopCutters.of(Pitch.P_325, 9.5, null, latest, Numbers.STANDARD)),
                Uses.START,
                uses,
                SawLog.of(done),
                List.of(),
                null);
        TensionLedger tension = Loops.ledger(List.of(), List.of());
        return SawWear.of(
                new SawWear.Ledgers(parts, schedule, tension),
                null,
                new SawWear.Rules(Numbers.STANDARD, FlipSchool.EVERY_SHARPENING));
    }

    private static List<MeasureEntry> cutters(int readings) {
        List<MeasureEntry> measures = new ArrayList<>();
        for (int i = 1; i <= readings; i++) {
            measures.add(measure(3 * i, Measure.LEFT_SHORTEST, 9.5 - 0.3 * i));
            measures.add(measure(3 * i, Measure.RIGHT_SHORTEST, 9.6 - 0.3 * i));
        }
        return measures;
    }

    /** Each part is ended by that of its own kinds of wear which leaves it the fewest tanks. */
    @Test
    void aPartIsEndedByTheFirstOfItsKindsOfWear() {
        List<MeasureEntry> measures = new ArrayList<>(cutters(5));
        for (int i = 1; i <= 5; i++) {
            measures.add(measure(3 * i, Measure.SPROCKET_WEAR, 0.05 * i));
        }
        SawWear wear = wear(5, measures, List.of(), List.of());
        assertThat(wear.endsFirst(Subject.CHAIN).map(PartWear::kind)).contains(WearKind.CUTTER);
        assertThat(wear.endsFirst(Subject.SPROCKET).map(PartWear::kind)).contains(WearKind.SPROCKET);
        assertThat(wear.endsFirst(Subject.BAR)).isEmpty();
        PartWear growth = new PartWear(
                WearKind.GROWTH,
                wear.kind(WearKind.SPROCKET).orElseThrow().readings(),
                wear.kind(WearKind.SPROCKET).orElseThrow().tanks(),
                0.5,
                wear.kind(WearKind.SPROCKET).orElseThrow().projection(),
                false);
        assertThat(growth.tanksLeft().likely())
                .isLessThan(wear.edge().tanksLeft().likely());
        SawWear both = new SawWear(
                List.of(wear.kind(WearKind.CUTTER).orElseThrow(), growth),
                null,
                wear.dressing(),
                null,
                null,
                null,
                null,
                Set.of());
        assertThat(both.endsFirst(Subject.CHAIN)).contains(growth);
        assertThat(both.endsFirst(Subject.SPROCKET)).isEmpty();
    }

    /** 0.3 mm a sharpening and 0.1 mm a tank: from 8.0 mm down to 4.0 mm are 13.3 sharpenings and 40 tanks. */
    @Test
    void lifeOfTheEdgeInSharpeningsAndTanks() {
        SawWear wear = wear(5, cutters(5), List.of(), List.of());
        assertThat(wear.edge().latestMm()).isCloseTo(8.0, within(1e-9));
        assertThat(wear.edge().percentLeft()).isCloseTo(100 * 4.0 / 5.5, within(1e-9));
        assertThat(wear.edge().sharpeningsLeft().likely()).isCloseTo(4.0 / 0.3, within(1e-6));
        assertThat(wear.edge().tanksLeft().likely()).isCloseTo(40, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2})
    void saysWhatWasMeasuredButProjectsNothingFromTooLittle(int readings) {
        SawWear wear = wear(5, cutters(readings), List.of(), List.of());
        assertThat(wear.kind(WearKind.CUTTER).isPresent()).isEqualTo(readings > 0);
        if (readings > 0) {
            assertThat(wear.edge().tanksLeft()).isNull();
            assertThat(wear.edge().sharpeningsLeft()).isNull();
        } else {
            assertThat(wear.edge()).isNull();
        }
    }

    /** Tang 5.5 mm: depth 7.5 mm is clearance 2.0; two dressings between readings cost 0.2 and 0.3. */
    @Test
    void whatADressingCostsIsReadBetweenTwoReadings() {
        List<MeasureEntry> depths = List.of(
                measure(3, Measure.GROOVE_DEPTH, 8.0),
                measure(6, Measure.GROOVE_DEPTH, 7.8),
                measure(9, Measure.GROOVE_DEPTH, 7.5));
        SawWear wear = wear(4, depths, List.of(4, 7), List.of());
        assertThat(wear.dressing().dressings()).isEqualTo(2);
        assertThat(wear.dressing().mm()).isCloseTo(0.3, within(1e-9));
        assertThat(wear.dressingsLeft()).isEqualTo(5);
        assertThat(wear.barLoopsLeft()).isNull();
    }

    @ParameterizedTest
    @CsvSource({"'', false, true", "'15', true, false", "'12', true, true", "'9;15', false, false"})
    void tellsWhichWayUpTheBarLies(String turns, boolean turned, boolean turnNow) {
        List<Integer> days = new ArrayList<>();
        for (String day : turns.split(";")) {
            if (!day.isEmpty()) {
                days.add(Integer.valueOf(day));
            }
        }
        SawWear wear = wear(5, List.of(), List.of(), days);
        assertThat(wear.flip().turned()).isEqualTo(turned);
        assertThat(wear.flip().turnNow()).isEqualTo(turnNow);
    }

    @Test
    void withoutMeasuringTheCadenceSpeaks() {
        SawWear wear = wear(3, List.of(), List.of(), List.of());
        assertThat(wear.sprocketLoopsLeft()).isEqualTo(1);
        assertThat(wear.barLoopsLeft()).isEqualTo(3);
        // Nine tanks wore 2.75 of 5.5 mm: a loop lasts eighteen, and two that ran twelve each are 1.3 loops.
        SawWear worn = wear(3, List.of(measure(10, Measure.SHORTEST_CUTTER, 6.75)), List.of(), List.of());
        assertThat(worn.sprocketLoopsLeft()).isEqualTo(1);
        SawWear measured = wear(3, List.of(measure(3, Measure.SPROCKET_WEAR, 0.1)), List.of(), List.of());
        assertThat(measured.sprocketLoopsLeft()).isNull();
    }

    @Test
    void aLoopThatHasNeverRunOnAWornSprocketIsSaid() {
        SawWear wear = wear(0, List.of(measure(3, Measure.SPROCKET_WEAR, 0.4)), List.of(), List.of());
        assertThat(wear.pairing()).containsExactly(PairingNote.NEW_LOOP_ON_WORN_SPROCKET);
    }

    @Test
    void sidesAreComparedByTheMiddleOfShortestAndLongest() {
        List<MeasureEntry> both = List.of(
                measure(3, Measure.LEFT_SHORTEST, 7.0),
                measure(3, Measure.LEFT_LONGEST, 7.4),
                measure(3, Measure.RIGHT_SHORTEST, 7.2),
                measure(3, Measure.RIGHT_LONGEST, 7.6),
                measure(6, Measure.LEFT_SHORTEST, 6.8));
        PartLedger parts = PartLedger.of(both, List.of(), List.of(), LoopsRun.NONE, null);
        assertThat(parts.sideDifferences()).hasSize(1);
        assertThat(parts.sideDifferences().get(0)).isCloseTo(-0.2, within(1e-9));
        assertThat(parts.latestCutterMm()).contains(6.8);
    }

    /** Growth is projected beside the parts that are measured, each with the tanks of its own part. */
    @Test
    void growthIsWearLikeAnyOther() {
        List<TensionLedger.CheckEntry> checks = new ArrayList<>();
        List<TensionLedger.OutingEntry> outings = new ArrayList<>();
        List<UseEntry> uses = new ArrayList<>();
        for (int i = 1; i <= 6; i++) {
            uses.add(Uses.outing(3 * i, 2));
            outings.add(Loops.outing(at(3 * i, 16), 2));
            checks.add(Loops.check(at(3 * i, 18), CheckOccasion.ROUTINE, TensionOutcome.RIGHT, 0.5));
        }
        ScheduleLedger schedule =
                new ScheduleLedger(Profiles.petrol(), Uses.START, uses, SawLog.EMPTY, List.of(), null);
        TensionLedger tension = Loops.ledger(checks, outings);
        SawWear wear = SawWear.of(
                new SawWear.Ledgers(PartLedger.EMPTY, schedule, tension),
                tension.growth(Numbers.STANDARD),
                new SawWear.Rules(Numbers.STANDARD, FlipSchool.EVERY_SHARPENING));
        // Half a turn of 0.8 mm takes 0.8 mm of loop; two tanks each, so 0.4 mm a tank.
        var growth = wear.kind(WearKind.GROWTH).orElseThrow();
        assertThat(growth.tanksLeft().likely()).isCloseTo((2 * LOOP.lengthMm() / 100 - 4.8) / 0.4, within(0.01));
        assertThat(wear.kind(WearKind.CUTTER)).isEmpty();
        assertThat(wear.kinds()).hasSize(1);
    }

    /** A saw without bar and chain wears nothing, and nothing is asked of it. */
    @Test
    void withoutASetThereIsNothingToWear() {
        ScheduleLedger bare = new ScheduleLedger(Profiles.bare(), Uses.START, List.of(), SawLog.EMPTY, List.of(), null);
        TensionLedger none = TensionLedger.NONE;
        SawWear wear = SawWear.of(
                new SawWear.Ledgers(PartLedger.EMPTY, bare, none),
                null,
                new SawWear.Rules(Numbers.STANDARD, FlipSchool.EVERY_SHARPENING));
        assertThat(wear.kinds()).isEmpty();
        assertThat(wear.pairing()).isEmpty();
        assertThat(wear.flip()).isNull();
        assertThat(wear.edge()).isNull();
        assertThat(wear.barLoopsLeft()).isNull();
    }

    /** A new chain asks for the other side up when that is the school; before the last turn it does not. */
    @ParameterizedTest
    @CsvSource({"10, true", "5, false"})
    void aNewChainTurnsTheBar(int fittedOn, boolean turnNow) {
        PartLedger parts = PartLedger.of(List.of(), List.of(), List.of(at(7, 9)), LoopsRun.NONE, at(fittedOn, 9));
        ScheduleLedger schedule =
                new ScheduleLedger(Profiles.petrol(), Uses.START, List.of(), SawLog.EMPTY, List.of(), null);
        SawWear wear = SawWear.of(
                new SawWear.Ledgers(parts, schedule, Loops.ledger(List.of(), List.of())),
                null,
                new SawWear.Rules(Numbers.STANDARD, FlipSchool.EACH_NEW_CHAIN));
        assertThat(wear.flip().turnNow()).isEqualTo(turnNow);
    }

    /** A loop that ran on a worn sprocket belongs to it; one that never ran would be spoiled by it. */
    @Test
    void aLoopThatHasRunBelongsToItsSprocket() {
        SawWear wear = wear(3, List.of(measure(3, Measure.SPROCKET_WEAR, 0.4)), List.of(), List.of());
        assertThat(wear.pairing()).doesNotContain(PairingNote.NEW_LOOP_ON_WORN_SPROCKET);
    }
}
