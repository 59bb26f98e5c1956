package yellowtally.benchmark;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import yellowtally.core.plan.BenchSlot;
import yellowtally.core.plan.Booking;
import yellowtally.core.plan.Chore;
import yellowtally.core.plan.PlanQuestion;
import yellowtally.core.plan.Planner;
import yellowtally.core.plan.SawOutlook;
import yellowtally.core.plan.SawTraits;
import yellowtally.core.plan.Until;
import yellowtally.core.plan.Wanted;
import yellowtally.core.schedule.LimitUse;
import yellowtally.core.schedule.Task;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Bill;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.Power;

/** Plans of large fleets over two weeks, with two benches of four hours and ten bookings. */
final class PlanFleet {

    static final int SAWS = 500;
    static final int DAYS = 14;
    private static final int BOOKINGS = 10;
    private static final int MINUTES = 240;
    private static final LocalDate MONDAY = LocalDate.of(2026, 6, 1);
    private static final double MM_PER_INCH = 25.4;
    private static final List<Task> TASKS = List.of(
            Task.TENSION, Task.BRAKE, Task.FULL_CLEAN, Task.SHARPEN, Task.GROOVE_FLIP, Task.AIR_FILTER, Task.PLUG);

    private PlanFleet() {}

    /** Some held, some due, some that fall due within the plan, a few out. */
    static PlanQuestion question(int saws) {
        return question(new Random(2026), saws, DAYS, BOOKINGS, MINUTES);
    }

    /** The same of any size: two benches that have so many minutes on each day of work. */
    static PlanQuestion question(Random random, int saws, int days, int crews, int minutes) {
        List<SawOutlook> fleet = new ArrayList<>();
        for (int i = 0; i < saws; i++) {
            fleet.add(saw("%04d".formatted(i), random));
        }
        List<BenchSlot> benches = new ArrayList<>();
        for (int day = 0; day < days; day++) {
            boolean weekend = day % 7 > 4;
            benches.add(new BenchSlot(day, 1, weekend ? 0 : minutes));
            benches.add(new BenchSlot(day, 2, weekend ? 0 : minutes));
        }
        List<Booking> bookings = new ArrayList<>();
        for (int b = 0; b < crews; b++) {
            LocalDate leaves = MONDAY.plusDays(1 + random.nextInt(days - 1));
            bookings.add(new Booking(
                    new UUID(0, b),
                    new UUID(1, b),
                    leaves,
                    LocalTime.of(7, 0),
                    leaves.plusDays(random.nextInt(3)),
                    new Wanted(
                            2 + random.nextInt(5), b % 2 == 0 ? null : Double.valueOf(16 * MM_PER_INCH), null, null)));
        }
        return new PlanQuestion(
                MONDAY, days, benches, fleet, bookings, Map.of(), Map.of(), Set.of(), Map.of(), Numbers.STANDARD);
    }

    private static SawOutlook saw(String tag, Random random) {
        List<Chore> chores = new ArrayList<>();
        if (random.nextInt(8) == 0) {
            chores.add(new Chore(null, 5 + random.nextInt(20), Set.of(), 0, 0, 1, true, List.of()));
        }
        boolean fit = random.nextInt(3) == 0;
        for (Task task : TASKS) {
            int due = fit ? 1 + random.nextInt(3 * DAYS) : random.nextInt(2) * random.nextInt(DAYS);
            chores.add(new Chore(
                    task,
                    Numbers.STANDARD.of(task.minutes()),
                    Bill.opened(task.stages()),
                    Math.max(0, due - 3),
                    due,
                    due == 0 ? 1 + random.nextInt(4) / 2.0 : 1,
                    false,
                    task.limits().stream()
                            .map(limit ->
                                    new LimitUse(limit.unit(), 0, 0, Numbers.STANDARD.of(limit.setting()), Set.of()))
                            .toList()));
        }
        Until here = random.nextInt(6) == 0
                ? new Until(Until.WaitCause.OUT, random.nextInt(DAYS), "Tunnel gang")
                : Until.NOW;
        return new SawOutlook(
                tag,
                new SawTraits((random.nextBoolean() ? 13 : 18) * MM_PER_INCH, Handle.REAR, Power.PETROL),
                chores,
                1.5,
                here,
                Until.NOW,
                false,
                false,
                Map.of());
    }

    /** Seconds that a plan takes. */
    static double seconds(PlanQuestion question) {
        long began = System.nanoTime();
        Planner.of(question);
        return (System.nanoTime() - began) / 1e9;
    }
}
