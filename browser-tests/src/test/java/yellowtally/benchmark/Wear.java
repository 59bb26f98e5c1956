package yellowtally.benchmark;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import yellowtally.core.bar.FlipSchool;
import yellowtally.core.cuttingset.CutterSequence;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.drive.LoopsRun;
import yellowtally.core.edge.Cutter;
import yellowtally.core.edge.SharpeningPlan;
import yellowtally.core.edge.Side;
import yellowtally.core.fitness.PartLedger;
import yellowtally.core.fitness.SawWear;
import yellowtally.core.fitness.TensionLedger;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.log.SawLog;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.Measured;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TensionRun;

/** The arithmetic of wear from records that are loaded already: a plan for a long loop, projections of a fleet. */
final class Wear {

    static final int SAWS = 200;
    static final int DRIVE_LINKS = 114;
    private static final int PLANS = 100;
    private static final Object HERE = "here";
    private static final int DAYS = 5 * 365;
    private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);

    private Wear() {}

    /** Time in ms for the sharpening plan of a fully mapped loop, the mean of many. */
    static double planMillis() {
        int count = CutterSequence.STANDARD.cutters(DRIVE_LINKS);
        int strokes = 0;
        double millis = 0;
        for (int plan = 0; plan < PLANS; plan++) {
            Random random = new Random(plan);
            List<Cutter> cutters = new ArrayList<>();
            for (int place = 0; place < count; place++) {
                cutters.add(new Cutter(place, Side.at(place, Side.LEFT), 6.5 + random.nextDouble(), null));
            }
            long start = System.nanoTime();
            strokes += SharpeningPlan.of(
                            new SharpeningPlan.Given(cutters, Set.of(), 0.06, 2, 4.0, false, Numbers.STANDARD))
                    .strokes();
            millis += (System.nanoTime() - start) / 1e6;
        }
        if (strokes == 0) {
            throw new AssertionError("nothing was worked out");
        }
        return millis / PLANS;
    }

    /** A fleet with five years of readings. */
    static List<SawWear.Ledgers> fleet() {
        List<SawWear.Ledgers> ledgers = new ArrayList<>();
        for (int saw = 0; saw < SAWS; saw++) {
            ledgers.add(ledgers(saw));
        }
        return ledgers;
    }

    /** Time in ms to project growth, cutters, groove and sprocket of every saw once. */
    static double projectionMillis(List<SawWear.Ledgers> fleet) {
        SawWear.Rules rules = new SawWear.Rules(Numbers.STANDARD, FlipSchool.EVERY_SHARPENING);
        int kinds = 0;
        long start = System.nanoTime();
        for (SawWear.Ledgers one : fleet) {
            kinds += SawWear.of(one, one.tension().growth(Numbers.STANDARD), rules)
                    .kinds()
                    .size();
        }
        double millis = (System.nanoTime() - start) / 1e6;
        if (kinds < 4 * SAWS) {
            throw new AssertionError("not every kind was projected");
        }
        return millis;
    }

    private static SawWear.Ledgers ledgers(int seed) {
        ScheduleLedger all = DueDates.ledger(DAYS, seed);
        // As the server hands them over: every sharpening, and of all other steps the late ones.
        Instant late = TODAY.minusDays(40).atStartOfDay().toInstant(ZoneOffset.UTC);
        ScheduleLedger schedule = new ScheduleLedger(
                all.saw(),
                all.inService(),
                all.uses(),
                SawLog.of(all.log().entries().stream()
                        .filter(step -> step.step() == Step.SHARPEN || step.at().isAfter(late))
                        .toList()),
                List.of(),
                null);
        List<MeasureEntry> measures = new ArrayList<>();
        List<TensionLedger.CheckEntry> checks = new ArrayList<>();
        TensionRun.Result right = new TensionRun.Result(TensionOutcome.RIGHT, false);
        for (int ago = DAYS; ago > 0; ago -= 6) {
            double worn = (DAYS - ago) / (double) DAYS;
            Instant at = TODAY.minusDays(ago).atTime(18, 0).toInstant(ZoneOffset.UTC);
            measures.add(new MeasureEntry(0, ago, Measure.LEFT_SHORTEST, at, 9.5 - 4 * worn));
            measures.add(new MeasureEntry(0, ago, Measure.RIGHT_SHORTEST, at, 9.4 - 4 * worn));
            measures.add(new MeasureEntry(0, -ago, Measure.GROOVE_DEPTH, at, 8 - 1.2 * worn));
            measures.add(new MeasureEntry(0, DAYS + ago, Measure.SPROCKET_WEAR, at, 0.4 * worn));
            checks.add(new TensionLedger.CheckEntry(
                    at, HERE, CheckOccasion.ROUTINE, right, right, 0.02, 0.8, Measured.NONE));
        }
        List<TensionLedger.OutingEntry> outings = schedule.uses().stream()
                .map(use -> new TensionLedger.OutingEntry(use.backAt(), use.tanks(), HERE, false))
                .toList();
        return new SawWear.Ledgers(
                PartLedger.of(measures, List.of(), List.of(), LoopsRun.NONE, null),
                schedule,
                new TensionLedger(
                        new LoopSpec(Pitch.P_325, Gauge.G_050, 68), HERE, true, false, null, checks, outings));
    }
}
