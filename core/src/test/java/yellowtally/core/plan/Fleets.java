package yellowtally.core.plan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import yellowtally.core.schedule.LimitUse;
import yellowtally.core.schedule.Task;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Bill;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.Power;

/** Fleets for tests of plans. Day 0 is a Monday. */
final class Fleets {

    static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);
    static final SawTraits LONG = traits(20);
    static final SawTraits SHORT = traits(13);

    private Fleets() {}

    static SawTraits traits(double barInches) {
        return new SawTraits(barInches * 25.4, Handle.REAR, Power.PETROL);
    }

    /** A task that is due, so many times over its limit. */
    static Chore due(Task task, double over) {
        return chore(task, 0, 0, over, false);
    }

    /** A task that falls due on a day and rides along from another. */
    static Chore later(Task task, int from, int due) {
        return chore(task, from, due, 1, false);
    }

    /** The saw is held, and so many minutes under the cover end it. */
    static Chore held(double minutes) {
        return new Chore(null, minutes, Bill.opened(Set.of()), 0, 0, 1, true, List.of());
    }

    static Chore chore(Task task, int from, int due, double over, boolean urgent) {
        List<LimitUse> limits = task.limits().stream()
                .map(limit -> new LimitUse(limit.unit(), 0, 0, Numbers.STANDARD.of(limit.setting()), Set.of()))
                .toList();
        return new Chore(
                task, Numbers.STANDARD.of(task.minutes()), Bill.opened(task.stages()), from, due, over, urgent, limits);
    }

    /** A task that is far from due, and falls due again with use. */
    static Chore rested(Task task) {
        return chore(task, Chore.NEVER, Chore.NEVER, 1, false);
    }

    static SawOutlook saw(String tag, SawTraits traits, Chore... chores) {
        return saw(tag, traits, Until.NOW, Until.NOW, Map.of(), chores);
    }

    static SawOutlook saw(
            String tag, SawTraits traits, Until here, Until ready, Map<Article, Double> needs, Chore... chores) {
        return new SawOutlook(tag, traits, List.of(chores), 1.5, here, ready, false, false, needs);
    }

    /** So many saws at seven in the morning of a day, back on the same evening. */
    static Booking booking(int day, Wanted wanted) {
        return booking(day, day, wanted);
    }

    static Booking booking(int day, int until, Wanted wanted) {
        return new Booking(
                new UUID(day, wanted.saws()),
                new UUID(0, day),
                MONDAY.plusDays(day),
                LocalTime.of(7, 0),
                MONDAY.plusDays(until),
                wanted);
    }

    static Wanted longBars(int saws) {
        return new Wanted(saws, 16 * 25.4, null, null);
    }

    /** One bench with these minutes on the days from the first on. */
    static List<BenchSlot> bench(double... minutes) {
        List<BenchSlot> slots = new ArrayList<>();
        for (int day = 0; day < minutes.length; day++) {
            slots.add(new BenchSlot(day, 1, minutes[day]));
        }
        return slots;
    }

    static PlanQuestion question(List<BenchSlot> benches, List<SawOutlook> saws, Booking... bookings) {
        int days = benches.stream().mapToInt(BenchSlot::day).max().orElse(0) + 1;
        return new PlanQuestion(
                MONDAY,
                days,
                benches,
                saws,
                List.of(bookings),
                Map.of(),
                Map.of(),
                Set.of(),
                Map.of(),
                Numbers.STANDARD);
    }

    /** A fleet as chance has it: some held, some due, some fit, a booking or two. */
    static PlanQuestion random(Random random, int saws, int days, int bookings) {
        List<SawOutlook> fleet = new ArrayList<>();
        for (int i = 0; i < saws; i++) {
            fleet.add(randomSaw("%04d".formatted(i + 1), random, days));
        }
        List<BenchSlot> benches = new ArrayList<>();
        for (int day = 0; day < days; day++) {
            boolean off = random.nextInt(6) == 0;
            benches.add(new BenchSlot(
                    day, 1, off ? 0 : (20 + random.nextInt(5) * 10) * Math.max(1, Math.min(12, saws / 40))));
        }
        List<Booking> asked = new ArrayList<>();
        for (int b = 0; b < bookings; b++) {
            int leaves = random.nextInt(days);
            Double bar = random.nextInt(2) == 0 ? null : Double.valueOf(16 * 25.4);
            asked.add(new Booking(
                    new UUID(7, b),
                    new UUID(8, b),
                    MONDAY.plusDays(leaves),
                    LocalTime.of(random.nextInt(3) == 0 ? 15 : 7, 0),
                    MONDAY.plusDays(leaves + random.nextInt(2)),
                    new Wanted(1 + random.nextInt(Math.max(1, Math.min(20, saws / 2))), bar, null, null)));
        }
        return new PlanQuestion(
                MONDAY, days, benches, fleet, asked, Map.of(), Map.of(), Set.of(), Map.of(), Numbers.STANDARD);
    }

    private static SawOutlook randomSaw(String tag, Random random, int days) {
        List<Chore> chores = new ArrayList<>();
        int kind = random.nextInt(4);
        if (kind == 0) {
            chores.add(held(3 + random.nextInt(15)));
        }
        for (Task task : List.of(
                Task.TENSION,
                Task.BRAKE,
                Task.FULL_CLEAN,
                Task.SHARPEN,
                Task.GROOVE_FLIP,
                Task.AIR_FILTER,
                Task.PLUG)) {
            int at = random.nextInt(3);
            if (kind == 3 || at == 2) {
                boolean falls = random.nextInt(3) == 0;
                int due = 1 + random.nextInt(days);
                chores.add(falls ? later(task, Math.max(0, due - random.nextInt(4)), due) : rested(task));
            } else {
                double over = 1 + random.nextInt(4) / 2.0;
                boolean safety = task == Task.TENSION || task == Task.BRAKE;
                chores.add(chore(task, 0, 0, over, safety && over > 1));
            }
        }
        Until here =
                random.nextInt(8) == 0 ? new Until(Until.WaitCause.OUT, random.nextInt(days + 1), "Tunnel") : Until.NOW;
        return saw(tag, random.nextBoolean() ? LONG : SHORT, here, Until.NOW, Map.of(), chores.toArray(Chore[]::new));
    }

    static Plan.Day day(Plan plan, int day) {
        return plan.days().get(day);
    }

    static List<String> tags(Plan plan, int day) {
        return day(plan, day).visits().stream().map(Plan.PlannedVisit::tag).toList();
    }
}
