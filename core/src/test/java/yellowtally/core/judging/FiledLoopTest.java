package yellowtally.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.edge.Cutter;
import yellowtally.core.edge.CutterDamage;
import yellowtally.core.edge.SharpeningPlan;
import yellowtally.core.edge.SharpeningPlan.CutterStrokes;
import yellowtally.core.edge.SharpeningPlan.FilingWay;
import yellowtally.core.edge.Side;
import yellowtally.core.judging.FiledLoop.Told;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;

/** What a loop from the vice reports as steps, so that schedule, wear and finder read one kind of record (handbook section 4). */
class FiledLoopTest {

    private static final List<Cutter> FOUND = loop(7.60, 7.00, 7.48, 7.03, 7.55, 7.06);
    private static final List<Cutter> NOT_AGAIN = List.of();

    private static List<Cutter> loop(double... lengths) {
        List<Cutter> cutters = new ArrayList<>();
        for (int i = 0; i < lengths.length; i++) {
            cutters.add(new Cutter(i, Side.at(i, Side.LEFT), lengths[i], null));
        }
        return cutters;
    }

    private static List<Cutter> with(List<Cutter> cutters, int place, CutterDamage damage) {
        List<Cutter> damaged = new ArrayList<>(cutters);
        damaged.set(place, new Cutter(place, Side.at(place, Side.LEFT), null, damage));
        return damaged;
    }

    private static SharpeningPlan plan(List<Cutter> cutters, Set<Integer> leftOut) {
        return SharpeningPlan.of(new SharpeningPlan.Given(cutters, leftOut, 0.06, 2, 4.0, false, Numbers.STANDARD));
    }

    private static Map<Integer, Integer> asPlanned(SharpeningPlan plan) {
        Map<Integer, Integer> strokes = new HashMap<>();
        plan.cutters().forEach(cutter -> strokes.put(cutter.place(), cutter.strokes()));
        return strokes;
    }

    private static List<Told> told(List<Cutter> found, List<Cutter> after, Set<Integer> leftOut) {
        SharpeningPlan plan = plan(found, leftOut);
        return new FiledLoop(found, after, asPlanned(plan), leftOut, false).done(plan, Numbers.STANDARD);
    }

    /** 12, 10, 12 strokes on the left, 2, 3, 3 on the right. */
    @Test
    void aSharpeningTellsItsSampleAndTheStrokesOfASideOnTheMean() {
        Told sharpened = told(FOUND, NOT_AGAIN, Set.of()).get(0);
        assertThat(sharpened.step()).isEqualTo(Step.SHARPEN);
        assertThat(sharpened.report().said()).isEqualTo(StepOutcome.FINE);
        assertThat(sharpened.report().figures())
                .isEqualTo(Map.of(
                        Measure.STROKES_LEFT, 11.0,
                        Measure.STROKES_RIGHT, 3.0,
                        Measure.LEFT_SHORTEST, 7.48,
                        Measure.LEFT_LONGEST, 7.60,
                        Measure.RIGHT_SHORTEST, 7.00,
                        Measure.RIGHT_LONGEST, 7.06));
    }

    @ParameterizedTest
    @CsvSource({"true, FOUND_DULL", "false, FOUND_STILL_CUTTING"})
    void howTheEdgeWasFoundIsAFinding(boolean dull, Finding finding) {
        SharpeningPlan plan = plan(FOUND, Set.of());
        FiledLoop loop = new FiledLoop(FOUND, NOT_AGAIN, asPlanned(plan), Set.of(), dull);
        assertThat(loop.done(plan, Numbers.STANDARD).get(0).report().findings()).containsExactly(finding);
    }

    /** Brought to one length is a step of its own; the same strokes on all are not. */
    @Test
    void onlyALoopThatWasBroughtToOneLengthSaysSo() {
        assertThat(told(FOUND, NOT_AGAIN, Set.of()))
                .extracting(Told::step)
                .containsExactly(Step.SHARPEN, Step.EQUALISE);
        List<Cutter> even = loop(7.10, 7.06, 7.08, 7.12);
        assertThat(plan(even, Set.of()).way()).isEqualTo(FilingWay.SAME_ON_ALL);
        assertThat(told(even, NOT_AGAIN, Set.of())).extracting(Told::step).containsExactly(Step.SHARPEN);
    }

    /** Not measured again, the plan says where it ends (est.): 7.00 less two strokes of 0.06. */
    @Test
    void theNewLengthIsTheOneMeasuredOrElseTheOnePlanned() {
        assertThat(told(FOUND, NOT_AGAIN, Set.of()).get(1).report().figures())
                .containsExactly(Map.entry(Measure.EQUALISED_LENGTH, 6.88));
        List<Cutter> after = loop(6.90, 6.86, 6.91, 6.87, 6.89, 6.88);
        Told equalised = told(FOUND, after, Set.of()).get(1);
        assertThat(equalised.report().figures()).containsExactly(Map.entry(Measure.EQUALISED_LENGTH, 6.86));
        assertThat(equalised.report().findings()).isEmpty();
    }

    @Test
    void sidesThatAreStillApartAreToldOnceEnoughIsMeasured() {
        List<Cutter> apart = loop(7.20, 6.86, 7.22, 6.87);
        assertThat(told(FOUND, apart, Set.of()).get(1).report().findings()).containsExactly(Finding.SIDES_STILL_UNEVEN);
        assertThat(told(FOUND, loop(7.20, 6.86), Set.of()).get(1).report().findings())
                .as("one of a side says nothing of it")
                .isEmpty();
    }

    @Test
    void whatIsLeftOutCountsForNoLength() {
        List<Cutter> outlier = loop(7.60, 6.20, 7.48, 7.03, 7.55, 7.06);
        List<Cutter> after = loop(6.95, 6.10, 6.93, 6.91, 6.94, 6.92);
        List<Told> told = told(outlier, after, Set.of(1));
        assertThat(told.get(0).report().figures()).containsEntry(Measure.RIGHT_SHORTEST, 7.03);
        assertThat(told.get(1).report().figures()).containsEntry(Measure.EQUALISED_LENGTH, 6.91);
    }

    @Test
    void whatHasNoStrokesYetIsUnfiled() {
        SharpeningPlan plan = plan(with(FOUND, 4, CutterDamage.CHIPPED), Set.of());
        FiledLoop begun = new FiledLoop(FOUND, NOT_AGAIN, Map.of(0, 12, 1, 2), Set.of(), false);
        assertThat(begun.unfiled(plan)).extracting(CutterStrokes::place).containsExactly(2, 3, 5);
        assertThat(new FiledLoop(FOUND, NOT_AGAIN, asPlanned(plan), Set.of(), false).unfiled(plan))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "CHIPPED, -, -",
                "BROKEN, -, CUTTER_MISSING",
                "CRACKED, CHIPPED, CUTTER_CRACKED",
                "MISSING, BROKEN, CUTTER_MISSING"
            })
    void aCrackedOrMissingCutterCondemnsTheLoop(CutterDamage one, CutterDamage other, Finding finding) {
        List<Cutter> found = with(FOUND, 2, one);
        found = other == null ? found : with(found, 3, other);
        FiledLoop loop = new FiledLoop(found, NOT_AGAIN, Map.of(), Set.of(), false);
        assertThat(loop.condemned().map(Told::step))
                .isEqualTo(Optional.ofNullable(finding).map(f -> Step.CHAIN_LOOK));
        loop.condemned().ifPresent(told -> {
            assertThat(told.report().said()).isEqualTo(StepOutcome.FAIL);
            assertThat(told.report().findings()).containsExactly(finding);
        });
    }
}
