package yellowtally.core.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import yellowtally.core.edge.SharpeningPlan.CutterStrokes;
import yellowtally.core.edge.SharpeningPlan.FilingWay;
import yellowtally.core.edge.SharpeningPlan.Given;
import yellowtally.core.settings.Numbers;

/** What holds of every sharpening plan, whatever the loop (handbook section 4). */
class SharpeningPlanPropertyTest {

    private static final double REMOVAL = 0.06;

    private static List<Cutter> loop(List<Double> lengths, Side first) {
        List<Cutter> cutters = new ArrayList<>();
        for (int i = 0; i < lengths.size(); i++) {
            cutters.add(new Cutter(i, Side.at(i, first), lengths.get(i), null));
        }
        return cutters;
    }

    /** Strokes planned and filed bring all cutters within one stroke of each other. */
    @Property(tries = 400)
    void plannedAndFiledAllCuttersComeWithinOneStroke(
            @ForAll @Size(min = 4, max = 114) List<@DoubleRange(min = 6.5, max = 8.5) Double> lengths,
            @ForAll @DoubleRange(min = 0.02, max = 0.12) double removal,
            @ForAll @IntRange(max = 4) int base) {
        SharpeningPlan plan = SharpeningPlan.of(
                new Given(loop(lengths, Side.LEFT), Set.of(), removal, base, 4.0, false, Numbers.STANDARD),
                FilingWay.TO_ONE_LENGTH);
        var after = plan.cutters().stream()
                .mapToDouble(c -> c.mm() - c.strokes() * removal)
                .summaryStatistics();
        assertThat(after.getMax() - after.getMin()).isLessThanOrEqualTo(removal + 1e-6);
        assertThat(after.getMax()).isLessThanOrEqualTo(plan.endsAtMm() + 1e-6);
    }

    /** Swapping the sides mirrors the curve and changes no stroke. */
    @Property(tries = 300)
    void swappingSidesMirrorsTheCurve(
            @ForAll @Size(min = 4, max = 72) List<@DoubleRange(min = 6.8, max = 8.2) Double> lengths) {
        SharpeningPlan one = plan(loop(lengths, Side.LEFT));
        SharpeningPlan other = plan(loop(lengths, Side.RIGHT));
        Side leads = one.balance().leadsTo();
        assertThat(other.balance().leadsTo()).isEqualTo(leads == null ? null : leads.other());
        assertThat(other.balance().differenceMm()).isCloseTo(-one.balance().differenceMm(), within(1e-9));
        assertThat(strokes(other)).isEqualTo(strokes(one));
    }

    /** A longer cutter never gets fewer strokes than a shorter one of the same loop. */
    @Property(tries = 300)
    void theLongerCutterNeverGetsFewerStrokes(
            @ForAll @Size(min = 4, max = 72) List<@DoubleRange(min = 6.5, max = 8.5) Double> lengths) {
        SharpeningPlan plan = SharpeningPlan.of(
                new Given(loop(lengths, Side.LEFT), Set.of(), REMOVAL, 2, 4.0, false, Numbers.STANDARD),
                FilingWay.TO_ONE_LENGTH);
        List<CutterStrokes> byLength = plan.cutters().stream()
                .sorted((a, b) -> Double.compare(a.mm(), b.mm()))
                .toList();
        for (int i = 1; i < byLength.size(); i++) {
            assertThat(byLength.get(i).strokes())
                    .isGreaterThanOrEqualTo(byLength.get(i - 1).strokes());
        }
    }

    private static SharpeningPlan plan(List<Cutter> cutters) {
        return SharpeningPlan.of(new Given(cutters, Set.of(), REMOVAL, 2, 4.0, false, Numbers.STANDARD));
    }

    private static List<Integer> strokes(SharpeningPlan plan) {
        return plan.cutters().stream().map(CutterStrokes::strokes).toList();
    }
}
