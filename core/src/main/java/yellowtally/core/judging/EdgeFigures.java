package yellowtally.core.judging;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.edge.BaseStrokes;
import yellowtally.core.edge.DepthGauge;
import yellowtally.core.edge.EdgeSample;
import yellowtally.core.edge.EdgeSetting;
import yellowtally.core.edge.FileBack;
import yellowtally.core.edge.GaugeSchool;
import yellowtally.core.edge.GaugeTarget;
import yellowtally.core.edge.LoopCutters;
import yellowtally.core.edge.SharpeningPlan;
import yellowtally.core.edge.WearMark;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;

/** The figures of the edge: cutters, strokes, depth gauges (handbook section 4). */
final class EdgeFigures implements PartFigures {

    @Override
    public void read(Sheet sheet, Reading reading) {
        readMark(sheet, Measure.SHORTEST_CUTTER, Finding.CUTTER_PAST_MARK, reading);
        readMark(sheet, Measure.EQUALISED_LENGTH, Finding.FILED_PAST_MARK, reading);
        readMark(sheet, Measure.FILED_SHORTEST, Finding.SHARPENED_PAST_MARK, reading);
        readGauges(sheet, reading);
        readStrokes(sheet, reading);
        readSample(sheet, reading);
    }

    private static void readMark(Sheet sheet, Measure length, Finding past, Reading reading) {
        Double mm = sheet.figure(length);
        reading.found(mm != null && WearMark.passed(mm, mark(sheet)), past);
    }

    private static double mark(Sheet sheet) {
        LoopCutters loop = sheet.saw().cutters();
        return loop == null ? sheet.numbers().of(EdgeSetting.WEAR_MARK) : loop.markMm();
    }

    private static void readGauges(Sheet sheet, Reading reading) {
        Double target = sheet.step() == Step.DEPTH_GAUGES ? gaugeTarget(sheet) : null;
        reading.gaugeTarget(target);
        Double most = sheet.figure(Measure.GAUGE_SETTING);
        Double least = sheet.figure(Measure.GAUGE_LEAST);
        if (target == null) {
            return;
        }
        // One gauge may stand too high beside another that is too low.
        Double highest = least == null ? most : least;
        reading.found(
                highest != null && DepthGauge.of(highest, target, sheet.numbers()) == DepthGauge.FILE,
                Finding.GAUGES_HIGH);
        if (most != null) {
            DepthGauge gauge = DepthGauge.of(most, target, sheet.numbers());
            reading.found(gauge == DepthGauge.TOO_LOW, Finding.GAUGES_LOW);
            reading.found(gauge == DepthGauge.KICKBACK_RISK, Finding.GAUGES_KICKBACK);
            if (gauge == DepthGauge.TOO_LOW || gauge == DepthGauge.KICKBACK_RISK) {
                reckonGaugesBack(sheet, most - target, target, reading);
            }
        }
    }

    /** Too low cannot be undone but by filing the cutters back: so many strokes on each. */
    private static void reckonGaugesBack(Sheet sheet, double over, double target, Reading reading) {
        LoopCutters loop = sheet.saw().cutters();
        if (loop != null) {
            boolean progressive = sheet.saw().schools().gauges() == GaugeSchool.PROGRESSIVE;
            double off = FileBack.offForGauges(over, progressive, target, sheet.numbers());
            reading.fileBack(FileBack.of(off, loop.latestMm(), sheet.removalMm(), loop));
        }
    }

    private static @Nullable Double gaugeTarget(Sheet sheet) {
        SawProfile saw = sheet.saw();
        return saw.pitch() == null
                ? null
                : GaugeTarget.of(
                        saw.pitch(),
                        saw.schools(),
                        saw.cutters() == null ? 0 : saw.cutters().wearMm(),
                        sheet.numbers());
    }

    /** Measured lengths may ask for more strokes on one side; without them both sides get the same number. */
    private static void readStrokes(Sheet sheet, Reading reading) {
        boolean measured = sheet.figures().containsKey(Measure.LEFT_SHORTEST);
        Double left = sheet.figure(Measure.STROKES_LEFT);
        Double right = sheet.figure(Measure.STROKES_RIGHT);
        reading.found(left != null && right != null && left + right == 0, Finding.NOTHING_FILED);
        reading.found(!measured && left != null && right != null && !left.equals(right), Finding.STROKES_UNEQUAL);
    }

    /** Stone or metal: filed back on every cutter, if that leaves the loop above its mark. */
    private static @Nullable FileBack damage(Sheet sheet, @Nullable EdgeSample sample) {
        LoopCutters loop = sheet.saw().cutters();
        if (loop == null) {
            return null;
        }
        Double shortest = sample == null ? loop.latestMm() : Double.valueOf(sample.shortestMm(leavesOut(sheet)));
        return FileBack.pastDamage(sheet.figure(Measure.DAMAGE_DEPTH), shortest, sheet.removalMm(), loop);
    }

    /** Whether the officer chose that the short one stands alone. */
    private static boolean leavesOut(Sheet sheet) {
        return sheet.report().findings().contains(Finding.SHORT_ONE_LEFT_OUT);
    }

    private static void readSample(Sheet sheet, Reading reading) {
        EdgeSample sample = SampleRule.of(sheet.figures()).orElse(null);
        FileBack back = damage(sheet, sample);
        if (back != null) {
            reading.fileBack(back);
            reading.found(back.scrap(), Finding.DAMAGE_PAST_MARK);
        }
        if (sample == null) {
            return;
        }
        Set<Finding> chosen = sheet.report().findings();
        boolean dull = chosen.contains(Finding.FOUND_DULL) || chosen.contains(Finding.FOUND_STRUCK);
        SharpeningPlan plan = sample.plan(
                leavesOut(sheet),
                sheet.removalMm(),
                BaseStrokes.of(dull, back, sheet.numbers()),
                mark(sheet),
                sheet.numbers());
        reading.plan(plan);
        Set<SharpeningPlan.PlanReason> reasons = plan.reasons();
        reading.found(reasons.contains(SharpeningPlan.PlanReason.SIDES_LEAD_IN_A_CURVE), Finding.SIDES_LEAD_IN_A_CURVE);
        reading.found(reasons.contains(SharpeningPlan.PlanReason.SIDES_FAR_APART), Finding.SIDES_FAR_APART);
        reading.found(reasons.contains(SharpeningPlan.PlanReason.SIDE_UNEVEN), Finding.SIDE_UNEVEN);
        reading.found(reasons.contains(SharpeningPlan.PlanReason.PASSES_MARK), Finding.SHARPENED_PAST_MARK);
    }
}
