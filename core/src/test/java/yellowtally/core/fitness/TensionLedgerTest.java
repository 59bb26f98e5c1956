package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.fitness.TensionLedger.CheckEntry;
import yellowtally.core.fitness.TensionLedger.OutingEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.SisterPaces;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.waiting.FitState;

class TensionLedgerTest {

    private static final LoopSpec LOOP = new LoopSpec(Pitch.P_325, Gauge.G_050, 68);

    private static Instant day(int day) {
        return Instant.parse("2026-05-01T06:00:00Z").plusSeconds(day * 86_400L);
    }

    private static CheckEntry check(int day, boolean here, CheckOccasion occasion, double turns, Double play) {
        return new CheckEntry(day(day), here, occasion, TensionOutcome.RIGHT, false, turns, 0.8, play);
    }

    private static TensionLedger ledger(List<CheckEntry> checks, List<OutingEntry> outings) {
        return new TensionLedger(LOOP, true, false, 20.0, checks, outings);
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
        assertThat(ledger(checks, List.of()).growth(Numbers.STANDARD).fromPlayMm())
                .isCloseTo(2 * 68 * counts, within(1e-9));
    }

    @Test
    void useCountsFromTheLastPassingCheck() {
        CheckEntry loose =
                new CheckEntry(day(5), true, CheckOccasion.ROUTINE, TensionOutcome.LOOSE, false, 0, 0.8, null);
        TensionLedger ledger = ledger(
                List.of(check(2, true, CheckOccasion.ROUTINE, 0, null), loose),
                List.of(
                        new OutingEntry(day(1), 2, true),
                        new OutingEntry(day(3), 1.5, true),
                        new OutingEntry(day(6), 0.5, true)));
        TensionAccount account = ledger.assess(SisterPaces.NONE, Numbers.STANDARD, false);
        assertThat(account.outingsSincePass()).isEqualTo(2);
        assertThat(account.tanksSincePass()).isEqualTo(2.0);
        assertThat(account.fitness().state()).isEqualTo(FitState.DUE);
    }

    @Test
    void withoutALoopThereIsNoGrowthAndTheSawIsHeld() {
        TensionLedger bare = new TensionLedger(null, false, false, 20.0, List.of(), List.of());
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
                List.of(new OutingEntry(day(1), 1, true), new OutingEntry(day(3), 2, true)));
        assertThat(ledger.growthPerTank()).isCloseTo(0.4, within(1e-9));
    }
}
