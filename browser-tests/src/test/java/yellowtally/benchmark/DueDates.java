package yellowtally.benchmark;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import yellowtally.core.bar.NosePolicy;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.edge.LoopCutters;
import yellowtally.core.edge.Schools;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.schedule.Condition;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.OilerKind;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;

/** Due dates of a thousand saws from records that are loaded already: out every other day, three steps a visit. */
final class DueDates {

    static final int SAWS = 1000;
    private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);
    private static final Set<Subject> ALL = EnumSet.allOf(Subject.class);
    private static final SawProfile SAW = new SawProfile(
            Power.PETROL,
            OilerKind.AUTOMATIC_FIXED,
            true,
            true,
            NoseKind.GREASABLE_SPROCKET,
            NosePolicy.EACH_USE,
            Gauge.G_050,
            Pitch.P_325,
            5.5,
            true,
            Schools.STANDARD,
            LoopCutters.of(Pitch.P_325, 9.5, null, 8.0, Numbers.STANDARD),
            null,
            null);

    private DueDates() {}

    /** A fleet with so many years of records. */
    static List<ScheduleLedger> fleet(double years) {
        List<ScheduleLedger> ledgers = new ArrayList<>();
        for (int saw = 0; saw < SAWS; saw++) {
            ledgers.add(ledger((int) (years * 365), saw));
        }
        return ledgers;
    }

    /** Time in ms to work all due dates out once. */
    static double millis(List<ScheduleLedger> fleet) {
        long seen = 0;
        long start = System.nanoTime();
        for (ScheduleLedger ledger : fleet) {
            seen += ledger.assess(TODAY, Seasons.STANDARD, Numbers.STANDARD).size();
        }
        double millis = (System.nanoTime() - start) / 1e6;
        if (seen == 0) {
            throw new AssertionError("nothing was worked out");
        }
        return millis;
    }

    static ScheduleLedger ledger(int days, int seed) {
        List<UseEntry> uses = new ArrayList<>();
        List<StepEntry> steps = new ArrayList<>();
        Set<Condition> hard = Set.of(Condition.HARD);
        for (int ago = days; ago > 0; ago -= 2) {
            LocalDate day = TODAY.minusDays(ago);
            Instant back = day.atTime(16, 0).toInstant(ZoneOffset.UTC);
            uses.add(new UseEntry(back, day, day, 1.5, (ago + seed) % 6 == 0 ? hard : Set.of(), Set.of(), null, ALL));
            for (int i = 0; i < 3; i++) {
                Step step = Step.values()[(ago + i * 7 + seed) % Step.values().length];
                steps.add(
                        new StepEntry(0, step, back.plusSeconds(60L * i), day, StepOutcome.FINE, Set.of(), null, ALL));
            }
        }
        return new ScheduleLedger(SAW, TODAY.minusDays(days), uses, SawLog.of(steps), List.of(), null);
    }
}
