package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.fitness.TensionLedger.CheckEntry;
import yellowtally.core.fitness.TensionLedger.OutingEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.GrowthSource;
import yellowtally.core.tension.Measured;
import yellowtally.core.tension.SisterPaces;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.waiting.FitState;

class TensionLedgerTest {

    private static Instant day(int day) {
        return Instant.parse("2026-05-01T06:00:00Z").plusSeconds(day * 86_400L);
    }

    private static CheckEntry check(int day, boolean here, CheckOccasion occasion, double turns, Double play) {
        return Loops.check(
                day(day),
                here ? Loops.HERE : Loops.BEFORE,
                occasion,
                TensionOutcome.RIGHT,
                turns,
                new Measured(play, null, null));
    }

    private static TensionLedger ledger(List<CheckEntry> checks, List<OutingEntry> outings) {
        return Loops.ledger(checks, outings);
    }

    /** 0.5 + 1 turns of wear at 0.8 mm: 1.2 mm of bar, 2.4 mm of loop; seating turns use travel but are no growth. */
    @Test
    void seatingTurnsUseTravelButAreNoGrowth() {
        TensionLedger ledger = ledger(
                List.of(
                        check(9, true, CheckOccasion.ROUTINE, 1, null),
                        check(1, true, CheckOccasion.SET_WAS_APART, 2, null),
                        check(4, true, CheckOccasion.ROUTINE, 0.5, null),
                        check(6, true, CheckOccasion.SET_WAS_APART, 3, null)),
                List.of());
        var growth = ledger.growth(Numbers.STANDARD);
        assertThat(growth.mm()).isCloseTo(2.4, within(1e-9));
        assertThat(growth.travelLeftMm()).isCloseTo(20 - 2.8, within(1e-9));
        assertThat(ledger.growthPoints())
                .extracting(TensionLedger.GrowthPoint::growthMm)
                .satisfiesExactly(
                        a -> assertThat(a).isZero(),
                        b -> assertThat(b).isCloseTo(0.8, within(1e-9)),
                        c -> assertThat(c).isCloseTo(0.8, within(1e-9)),
                        d -> assertThat(d).isCloseTo(2.4, within(1e-9)));
    }

    @Test
    void aLoopCarriesItsGrowthFromSawToSawButNotItsTravel() {
        TensionLedger ledger = ledger(
                List.of(
                        check(1, false, CheckOccasion.ROUTINE, 2, null),
                        check(5, true, CheckOccasion.ROUTINE, 1, null)),
                List.of());
        var growth = ledger.growth(Numbers.STANDARD);
        assertThat(growth.mm()).isCloseTo(4.8, within(1e-9));
        assertThat(growth.travelLeftMm()).isCloseTo(19.2, within(1e-9));
    }

    /** The play measured last counts; one that is less than before once a second reading agrees: joints do not heal. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0.05 0.08 -|0.08",
                "0.1 0.08|0.08",
                "0.2 0.05 -|0.2",
                "0.2 0.05 0.06|0.06",
                "0.2 0.05 0.2 0.05|0.2"
            })
    void theJointPlayThatIsBelievedCounts(String measured, double counts) {
        List<CheckEntry> checks = new ArrayList<>();
        for (String play : measured.split(" ")) {
            checks.add(check(
                    checks.size() + 1, true, CheckOccasion.ROUTINE, 0, play.equals("-") ? null : Double.valueOf(play)));
        }
        assertThat(ledger(checks, List.of()).growth(Numbers.STANDARD).grown().byPlayMm())
                .isCloseTo(2 * 68 * counts, within(1e-9));
    }

    /** The chart, the forecast and the figure say one thing, whatever tells it; what was measured starts from a new loop. */
    @ParameterizedTest
    @CsvSource({"-1, 2.4, TURNS", "0.01, 2.4, TURNS", "0.05, 6.8, JOINT_PLAY"})
    void oneFigureOfGrowthEverywhere(double play, double mm, GrowthSource leads) {
        TensionLedger ledger = ledger(
                List.of(
                        check(1, true, CheckOccasion.SET_WAS_APART, 2, null),
                        check(4, true, CheckOccasion.ROUTINE, 1.5, null),
                        check(9, true, CheckOccasion.ROUTINE, 0, play < 0 ? null : Double.valueOf(play))),
                List.of(Loops.outing(day(3), 2), Loops.outing(day(8), 2)));
        assertThat(ledger.growth(Numbers.STANDARD).mm()).isCloseTo(mm, within(1e-9));
        assertThat(ledger.growth(Numbers.STANDARD).leads()).isEqualTo(leads);
        List<TensionLedger.GrowthPoint> points = ledger.growthPoints();
        assertThat(points.get(points.size() - 1).growthMm()).isCloseTo(mm, within(1e-9));
        assertThat(points.get(points.size() - 1).tanks()).isEqualTo(4);
        assertThat(points.get(0).growthMm()).isZero();
        assertThat(points.get(0).tanks()).isZero();
    }

    /** Where the adjuster stands tells what is left of its travel, whatever was turned before: 5 turns of 0.8 mm are 4 mm. */
    @Test
    void theAdjustersPlaceTellsTheTravelLeft() {
        TensionLedger ledger = ledger(
                List.of(
                        check(1, true, CheckOccasion.SET_WAS_APART, 9, null),
                        Loops.check(
                                day(4),
                                Loops.HERE,
                                CheckOccasion.SET_WAS_APART,
                                TensionOutcome.RIGHT,
                                2,
                                new Measured(null, 5.0, null))),
                List.of());
        assertThat(ledger.growth(Numbers.STANDARD).travelLeftMm()).isCloseTo(16, within(1e-9));
    }

    @Test
    void useCountsFromTheLastPassingCheck() {
        CheckEntry loose = Loops.check(day(5), CheckOccasion.ROUTINE, TensionOutcome.LOOSE, 0);
        TensionLedger ledger = ledger(
                List.of(check(2, true, CheckOccasion.ROUTINE, 0, null), loose),
                List.of(Loops.outing(day(1), 2), Loops.outing(day(3), 1.5), Loops.outing(day(6), 0.5)));
        TensionAccount account = ledger.assess(SisterPaces.NONE, Numbers.STANDARD, false);
        assertThat(account.outingsSincePass()).isEqualTo(2);
        assertThat(account.tanksSincePass()).isEqualTo(2.0);
        assertThat(account.fitness().state()).isEqualTo(FitState.DUE);
    }

    @Test
    void withoutALoopThereIsNoGrowthAndTheSawIsHeld() {
        TensionLedger bare = TensionLedger.NONE;
        assertThat(bare.growth(Numbers.STANDARD)).isNull();
        assertThat(bare.assess(SisterPaces.NONE, Numbers.STANDARD, false)
                        .fitness()
                        .state())
                .isEqualTo(FitState.HELD);
    }

    @Test
    void paceIsGrowthPerTank() {
        TensionLedger ledger = ledger(
                List.of(
                        check(2, true, CheckOccasion.ROUTINE, 0, null),
                        check(4, true, CheckOccasion.ROUTINE, 0.5, null)),
                List.of(Loops.outing(day(1), 1), Loops.outing(day(3), 2)));
        assertThat(ledger.growthPerTank()).isCloseTo(0.4, within(1e-9));
    }
}
