package yellowtally.core.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.edge.SharpeningPlan.EdgeAdvice;
import yellowtally.core.edge.SharpeningPlan.FilingWay;
import yellowtally.core.edge.SharpeningPlan.Given;
import yellowtally.core.edge.SharpeningPlan.PlanReason;
import yellowtally.core.settings.Numbers;

class SharpeningPlanTest {

    private static final double REMOVAL = 0.06;

    private static List<Cutter> loop(double... lengths) {
        List<Cutter> cutters = new ArrayList<>();
        for (int i = 0; i < lengths.length; i++) {
            cutters.add(new Cutter(i, Side.at(i, Side.LEFT), lengths[i], null));
        }
        return cutters;
    }

    private static Given given(List<Cutter> cutters, Integer... leaveOut) {
        return new Given(cutters, Set.of(leaveOut), REMOVAL, 2, 4.0, false, Numbers.STANDARD);
    }

    private static List<Integer> strokes(SharpeningPlan plan) {
        return plan.cutters().stream()
                .map(SharpeningPlan.CutterStrokes::strokes)
                .toList();
    }

    /** Worked example of the documentation: 0.06 mm a stroke, two base strokes. */
    @Test
    void dealsOutStrokesByLength() {
        SharpeningPlan plan = SharpeningPlan.of(given(loop(7.60, 7.00, 7.48, 7.03, 7.55, 7.06)));
        assertThat(plan.advice()).isEqualTo(EdgeAdvice.EQUALISE);
        assertThat(plan.way()).isEqualTo(FilingWay.TO_ONE_LENGTH);
        assertThat(plan.targetMm()).isEqualTo(7.00);
        // ceil(0.60/0.06)+2, 0+2, ceil(0.48/0.06)+2, ceil(0.03/0.06)+2, ceil(0.55/0.06)+2, ceil(0.06/0.06)+2
        assertThat(strokes(plan)).containsExactly(12, 2, 10, 3, 12, 3);
        assertThat(plan.endsAtMm()).isCloseTo(6.88, within(1e-9));
        assertThat(plan.balance().leadsTo()).isEqualTo(Side.LEFT);
        assertThat(plan.reasons()).containsExactly(PlanReason.SIDES_LEAD_IN_A_CURVE);
    }

    @Test
    void anEvenLoopGetsTheSameStrokesOnEveryCutter() {
        SharpeningPlan plan = SharpeningPlan.of(given(loop(7.10, 7.00, 7.05, 7.12)));
        assertThat(plan.advice()).isEqualTo(EdgeAdvice.TOUCH_UP);
        assertThat(strokes(plan)).containsOnly(2);
        assertThat(plan.strokes()).isEqualTo(8);
        assertThat(SharpeningPlan.of(given(loop(7.10, 7.00, 7.05, 7.12)), FilingWay.TO_ONE_LENGTH)
                        .strokes())
                .isEqualTo(4 + 2 + 3 + 4);
    }

    @ParameterizedTest
    @CsvSource({
        "7.00, 7.00, EVEN,     -",
        "7.30, 7.00, EVEN,     -",
        "7.31, 7.00, CURVES,   LEFT",
        "7.00, 7.31, CURVES,   RIGHT",
        "7.60, 7.00, CURVES,   LEFT",
        "7.61, 7.00, EQUALISE, LEFT",
        "7.00, 7.90, EQUALISE, RIGHT",
    })
    void theSawLeadsTowardTheLongerSide(double left, double right, SideBalance.BalanceVerdict verdict, String leads) {
        SideBalance balance = SideBalance.of(left, right, Numbers.STANDARD);
        assertThat(balance.verdict()).isEqualTo(verdict);
        assertThat(balance.leadsTo() == null ? "-" : balance.leadsTo().name()).isEqualTo(leads);
    }

    @Test
    void aSideApartInItselfCutsRough() {
        assertThat(SharpeningPlan.of(given(loop(7.5, 7.3, 7.1, 7.3))).advice()).isEqualTo(EdgeAdvice.TOUCH_UP);
        SharpeningPlan plan = SharpeningPlan.of(given(loop(7.51, 7.3, 7.1, 7.3)));
        assertThat(plan.advice()).isEqualTo(EdgeAdvice.EQUALISE);
        assertThat(plan.reasons()).containsExactly(PlanReason.SIDE_UNEVEN);
    }

    @Test
    void filingPastTheMarkIsScrap() {
        // The shortest ends at 4.12 - 2 × 0.06 = 4.00: at its mark.
        assertThat(SharpeningPlan.of(given(loop(4.2, 4.12, 4.2, 4.15))).advice())
                .isEqualTo(EdgeAdvice.SCRAP);
        assertThat(SharpeningPlan.of(given(loop(4.2, 4.13, 4.2, 4.15))).advice())
                .isEqualTo(EdgeAdvice.TOUCH_UP);
    }

    @Test
    void aChippedCutterIsLeftOutAndSaid() {
        List<Cutter> cutters = new ArrayList<>(loop(7.1, 7.0, 7.05, 7.12, 7.1, 7.0));
        cutters.set(2, new Cutter(2, Side.LEFT, 5.2, CutterDamage.CHIPPED));
        SharpeningPlan plan = SharpeningPlan.of(given(cutters));
        assertThat(plan.targetMm()).isEqualTo(7.0);
        assertThat(plan.reasons()).containsExactly(PlanReason.DAMAGED_LEFT_OUT);
        assertThat(strokes(plan)).containsExactly(2, 2, 0, 2, 2, 2);
    }

    @ParameterizedTest
    @CsvSource({"CRACKED, OUT_OF_USE", "MISSING, OUT_OF_USE", "CHIPPED, TOUCH_UP", "BROKEN, OUT_OF_USE"})
    void aCrackedOrMissingCutterTakesTheLoopOutOfUse(CutterDamage damage, EdgeAdvice advice) {
        List<Cutter> cutters = new ArrayList<>(loop(7.1, 7.0, 7.05, 7.12, 7.1, 7.0));
        cutters.set(4, new Cutter(4, Side.LEFT, null, damage));
        assertThat(SharpeningPlan.of(given(cutters)).advice()).isEqualTo(advice);
    }

    @Test
    void aLoneShortCutterIsOfferedToBeLeftOut() {
        double[] lengths = new double[34];
        Arrays.fill(lengths, 7.4);
        lengths[9] = 6.2;
        SharpeningPlan all = SharpeningPlan.of(given(loop(lengths)));
        assertThat(all.outliers()).containsExactly(9);
        assertThat(all.targetMm()).isEqualTo(6.2);
        SharpeningPlan without = SharpeningPlan.of(given(loop(lengths), 9));
        assertThat(without.targetMm()).isEqualTo(7.4);
        assertThat(without.strokes()).isEqualTo(34 * 2);
        assertThat(all.saved()).isEqualTo(all.strokes() - without.strokes());
        assertThat(without.outliers()).isEmpty();
    }

    @Test
    void twoLengthsOnEachSideAreTheLeast() {
        assertThat(SharpeningPlan.refusal(loop(7.1, 7.0), Set.of()))
                .hasValueSatisfying(r -> assertThat(r.reason()).isEqualTo(PlanRefusal.Reason.TOO_FEW_LENGTHS));
        assertThat(SharpeningPlan.refusal(loop(7.1, 7.0, 7.2, 7.1), Set.of())).isEmpty();
        assertThat(SharpeningPlan.refusal(loop(7.1, 7.0, 7.2, 7.1), Set.of(2))).isPresent();
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                // depth, length, strokes, ends at, scrap, life: of 9.5 mm new to 4 at the mark
                "0.30, 7.0, 5,  6.70, false, 5.45",
                "0.31, 7.0, 6,  6.64, false, 6.55",
                "2.00, 9.0, 34, 6.96, false, 37.09",
                "0.90, 4.9, 15, 4.00, true,  16.36",
                "0.00, 7.0, 0,  7.00, false, 0",
                "2.00, -,   34, -,    false, 37.09",
                "6.00, 9.0, 100, 3.0, true,  100",
            })
    void stoneDamageIsFiledBackWhileTheMarkAllows(
            double depth, @Nullable Double length, int strokes, @Nullable Double ends, boolean scrap, double percent) {
        FileBack back =
                FileBack.of(depth, length, REMOVAL, LoopCutters.of(Pitch.P_325, 9.5, null, length, Numbers.STANDARD));
        assertThat(back.strokes()).isEqualTo(strokes);
        assertThat(back.percentOfLife()).isCloseTo(percent, within(0.01));
        assertThat(back.scrap()).isEqualTo(scrap);
        if (ends == null) {
            assertThat(back.endsAtMm()).isNull();
        } else {
            assertThat(back.endsAtMm()).isCloseTo(ends, within(1e-9));
        }
    }

    /** Damage counts as struck however little it is, and asks for what takes it out; none measured changes nothing. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                // dull, depth, strokes
                "false, -,    2",
                "true,  -,    4",
                "false, 0,    2",
                "true,  0,    4",
                "false, 0.05, 4",
                "true,  0.24, 4",
                "true,  0.25, 5",
                "false, 2,    34",
            })
    void theBaseTakesTheDamageOut(boolean dull, @Nullable Double depth, int strokes) {
        LoopCutters loop = LoopCutters.of(Pitch.P_325, 9.5, null, 9.0, Numbers.STANDARD);
        assertThat(BaseStrokes.of(dull, FileBack.pastDamage(depth, 9.0, REMOVAL, loop), Numbers.STANDARD))
                .isEqualTo(strokes);
    }

    /** The mark belongs to the loop: a maker who marks at 5 mm scraps what an unmarked loop bears. */
    @ParameterizedTest
    @CsvSource({"4.0, false", "5.0, true"})
    void theMarkIsThatOfTheLoop(double mark, boolean scrap) {
        assertThat(FileBack.of(1.0, 5.9, REMOVAL, LoopCutters.of(Pitch.P_325, 9.5, mark, 5.9, Numbers.STANDARD))
                        .scrap())
                .isEqualTo(scrap);
        assertThat(SharpeningPlan.of(new Given(
                                loop(5.1, 5.1, 5.1, 5.1), Set.of(), REMOVAL, 2, mark, false, Numbers.STANDARD))
                        .reasons()
                        .contains(PlanReason.PASSES_MARK))
                .isEqualTo(scrap);
    }

    /**
     * Gauges too low by 0.2 mm: 0.125 more than half of what is allowed, at 0.1 mm of height for each mm that is filed off; where
     * the setting grows with the wear (0.65 in 6.5 mm) it comes to meet it.
     */
    @ParameterizedTest
    @CsvSource({"0.2, false, 1.25", "0.2, true, 0.625", "0.35, false, 2.75", "0.05, false, 0"})
    void gaugesTooLowAreCuredByFilingTheCuttersBack(double over, boolean progressive, double off) {
        assertThat(FileBack.offForGauges(over, progressive, 0.65, Numbers.STANDARD))
                .isCloseTo(off, within(1e-9));
    }

    /** Of four lengths one may stand alone: it is named, and what looks like a curve may be that one cutter. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                // left shortest and longest, right shortest and longest, named, may be one cutter, of those left out
                "6.2, 7.0, 7.0, 7.1, 0, true,  TOUCH_UP",
                "7.0, 7.1, 6.2, 7.1, 1, true,  TOUCH_UP",
                "7.0, 7.1, 7.0, 7.1, -, false, TOUCH_UP",
                "6.2, 6.3, 7.0, 7.1, -, false, EQUALISE",
            })
    void aSampleNamesTheOneThatStandsAlone(
            double leftShortest,
            double leftLongest,
            double rightShortest,
            double rightLongest,
            @Nullable Integer named,
            boolean may,
            EdgeAdvice without) {
        EdgeSample sample = new EdgeSample(leftShortest, leftLongest, rightShortest, rightLongest);
        SharpeningPlan plan = sample.plan(false, REMOVAL, 2, 4.0, Numbers.STANDARD);
        assertThat(plan.outliers()).isEqualTo(named == null ? List.of() : List.of(named));
        assertThat(plan.reasons().contains(PlanReason.MAY_BE_ONE_CUTTER)).isEqualTo(may);
        if (named != null) {
            SharpeningPlan left = sample.plan(true, REMOVAL, 2, 4.0, Numbers.STANDARD);
            assertThat(left.advice()).isEqualTo(without);
            assertThat(left.totalStrokes()).isLessThan(plan.totalStrokes());
            assertThat(left.outliers()).isEmpty();
        }
    }
}
