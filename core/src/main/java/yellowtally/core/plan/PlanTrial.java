package yellowtally.core.plan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import yellowtally.core.schedule.LimitUse;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.UseUnit;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Bill;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.Power;

/**
 * Plays made-up weeks in which use, breakdowns and minutes differ from what was expected, and counts how many bookings get all their
 * saws: with the plan made anew each morning, with the most overdue saw first, and with the saw first that came in first (general
 * practice).
 */
public final class PlanTrial {

    private static final int SAWS = 14;
    private static final int DAYS = 7;
    private static final int BENCH_MINUTES = 60;
    private static final int BOOKINGS = 5;
    private static final double BREAKS = 0.15;
    /** Crews book so many days ahead at least. */
    private static final int AHEAD = 2;
    /** No more than one saw in so many is booked at a time. */
    private static final int MOST_AWAY = 3;

    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);
    private static final LocalTime SEVEN = LocalTime.of(7, 0);
    private static final double MM_PER_INCH = 25.4;

    private static final List<Task> TASKS = List.of(
            Task.TENSION, Task.BRAKE, Task.OUTSIDE_LOOK, Task.FULL_CLEAN, Task.SHARPEN, Task.AIR_FILTER, Task.OIL_CARD);

    private final int weeks;
    private final long seed;
    private final Numbers numbers;

    /**
     * A trial.
     *
     * @param weeks how many weeks are played
     * @param seed the same seed plays the same weeks
     */
    public PlanTrial(int weeks, long seed, Numbers numbers) {
        this.weeks = weeks;
        this.seed = seed;
        this.numbers = numbers;
    }

    /** How the bench chooses. */
    public enum Policy {
        PLAN,
        MOST_OVERDUE_FIRST,
        FIRST_IN_FIRST_OUT
    }

    /**
     * What came out.
     *
     * @param bookings in all weeks
     * @param met share of them that got all their saws, 0 to 1
     */
    public record Result(int bookings, double met) {

        /** Share that was short. */
        public double missed() {
            return 1 - met;
        }
    }

    /** Plays the weeks. */
    public Result play(Policy policy) {
        int bookings = 0;
        int met = 0;
        for (int week = 0; week < weeks; week++) {
            Week played = new Week(new Random(seed * 31 + week), policy);
            played.play();
            bookings += played.bookings.size();
            met += played.met;
        }
        return new Result(bookings, met / (double) bookings);
    }

    /** A saw as it truly is. */
    private static final class Saw {
        private final String tag;
        private final double barMm;
        private final Random chance;
        private final Map<Task, double[]> used = new EnumMap<>(Task.class);
        private double repair;
        private int outUntil = -1;
        private int cameIn;

        Saw(int number, Random week) {
            this.tag = "%02d".formatted(number + 1);
            this.barMm = (number % 2 == 0 ? 13 : 18) * MM_PER_INCH;
            this.chance = new Random(week.nextLong());
            TASKS.forEach(task -> used.put(task, new double[3]));
        }

        /** Out and back: what was used, and now and then something breaks. */
        void goOut(int days) {
            double tanks = 0;
            for (int day = 0; day < days; day++) {
                tanks += 0.5 + 2 * chance.nextDouble();
            }
            for (double[] one : used.values()) {
                one[0] += 1;
                one[1] += days;
                one[2] += tanks;
            }
            if (chance.nextDouble() < BREAKS * days) {
                repair += 5 + chance.nextInt(30);
            }
        }

        void served() {
            used.values().forEach(one -> Arrays.fill(one, 0));
            repair = 0;
        }
    }

    /** One week under one policy. */
    private final class Week {
        private final List<Saw> saws = new ArrayList<>();
        private final List<Booking> bookings = new ArrayList<>();
        private final double[] bench = new double[DAYS];
        private final double[] found = new double[DAYS];
        private final Policy policy;
        private final Map<UUID, Set<String>> meant = new HashMap<>();
        private Map<String, PlanQuestion.Kept> before = Map.of();
        private int met;

        Week(Random random, Policy policy) {
            this.policy = policy;
            for (int i = 0; i < SAWS; i++) {
                saws.add(new Saw(i, random));
            }
            for (int day = 0; day < DAYS; day++) {
                boolean off = day == DAYS - 2 || random.nextInt(8) == 0;
                bench[day] = off ? 0 : BENCH_MINUTES;
                found[day] = bench[day] * (0.7 + 0.4 * random.nextDouble());
            }
            for (int b = 0; b < BOOKINGS; b++) {
                int leaves = AHEAD + random.nextInt(DAYS - AHEAD);
                int until = Math.min(DAYS - 1, leaves + random.nextInt(2));
                Double bar = random.nextInt(2) == 0 ? null : Double.valueOf(16 * MM_PER_INCH);
                Booking asked = new Booking(
                        new UUID(0, b),
                        new UUID(1, b),
                        MONDAY.plusDays(leaves),
                        SEVEN,
                        MONDAY.plusDays(until),
                        new Wanted(1 + random.nextInt(3), bar, null, null));
                if (enough(asked)) {
                    bookings.add(asked);
                }
            }
            bookings.sort(Comparator.comparing(Booking::leaves).thenComparing(Booking::id));
            // The week before left its traces.
            for (Saw saw : saws) {
                int outings = random.nextInt(4);
                for (int i = 0; i < outings; i++) {
                    saw.goOut(1);
                }
                saw.cameIn = -random.nextInt(5);
            }
        }

        /** Crews book what the fleet can bear: of saws that are there anyway enough are left beside those that are away. */
        private boolean enough(Booking asked) {
            int away = asked.wanted().saws();
            for (Booking other : bookings) {
                away += other.overlaps(asked) ? other.wanted().saws() : 0;
            }
            return away <= SAWS / MOST_AWAY;
        }

        void play() {
            for (int day = 0; day < DAYS; day++) {
                for (Saw saw : saws) {
                    if (saw.outUntil == day - 1) {
                        saw.cameIn = day;
                    }
                }
                leave(day);
                work(day);
            }
        }

        /** Crews take what is fit: what was meant for them first. */
        private void leave(int day) {
            for (Booking booking : bookings) {
                if (!booking.leaves().equals(MONDAY.plusDays(day))) {
                    continue;
                }
                Set<String> own = meant.getOrDefault(booking.id(), Set.of());
                Set<String> others = new HashSet<>();
                bookings.stream()
                        .filter(other -> !other.id().equals(booking.id())
                                && !other.leaves().isBefore(booking.leaves()))
                        .forEach(other -> others.addAll(meant.getOrDefault(other.id(), Set.of())));
                List<Saw> fit = saws.stream()
                        .filter(saw ->
                                in(saw, day) && fit(saw) && booking.wanted().metBy(traits(saw)))
                        .sorted(Comparator.comparing((Saw saw) -> !own.contains(saw.tag))
                                .thenComparing(saw -> others.contains(saw.tag))
                                .thenComparing(saw -> saw.barMm)
                                .thenComparing(saw -> saw.tag))
                        .limit(booking.wanted().saws())
                        .toList();
                met += fit.size() == booking.wanted().saws() ? 1 : 0;
                int until = (int) (booking.until().toEpochDay() - MONDAY.toEpochDay());
                for (Saw saw : fit) {
                    saw.outUntil = until;
                    saw.goOut(until - day + 1);
                }
            }
        }

        private void work(int day) {
            double left = found[day];
            for (Saw saw : order(day)) {
                double expected = minutes(saw);
                if (left < expected) {
                    continue;
                }
                left -= expected * (0.7 + 0.7 * saw.chance.nextDouble());
                saw.served();
            }
        }

        private List<Saw> order(int day) {
            List<Saw> wants = new ArrayList<>(
                    saws.stream().filter(saw -> in(saw, day) && !fit(saw)).toList());
            if (policy == Policy.FIRST_IN_FIRST_OUT) {
                wants.sort(Comparator.comparingInt((Saw saw) -> saw.cameIn).thenComparing(saw -> saw.tag));
            } else if (policy == Policy.MOST_OVERDUE_FIRST) {
                wants.sort(
                        Comparator.comparingDouble((Saw saw) -> -overdue(saw)).thenComparing(saw -> saw.tag));
            } else {
                planned(day, wants);
            }
            return wants;
        }

        /** Today's visits of the plan, then those of the days after, as long as there is time. */
        private void planned(int day, List<Saw> wants) {
            Plan plan = Planner.of(question(day));
            Map<String, Integer> place = new HashMap<>();
            for (Plan.Day one : plan.days()) {
                for (Plan.PlannedVisit visit : one.visits()) {
                    place.putIfAbsent(visit.tag(), place.size());
                }
            }
            wants.sort(Comparator.comparingInt((Saw saw) -> place.getOrDefault(saw.tag, Integer.MAX_VALUE))
                    .thenComparing(saw -> saw.tag));
            meant.clear();
            for (Plan.BookingAnswer answer : plan.bookings()) {
                Set<String> tags = new HashSet<>();
                answer.saws().forEach(saw -> tags.add(saw.tag()));
                meant.put(answer.booking().id(), tags);
            }
            Map<String, PlanQuestion.Kept> kept = new HashMap<>();
            plan.kept().forEach((tag, one) -> {
                Set<Integer> days = new HashSet<>();
                one.days().stream().filter(on -> on > 0).forEach(on -> days.add(on - 1));
                kept.put(tag, new PlanQuestion.Kept(days, one.bookings()));
            });
            before = kept;
        }

        private PlanQuestion question(int day) {
            List<BenchSlot> slots = new ArrayList<>();
            for (int on = day; on < DAYS; on++) {
                slots.add(new BenchSlot(on - day, 1, bench[on]));
            }
            LocalDate today = MONDAY.plusDays(day);
            return new PlanQuestion(
                    today,
                    DAYS - day,
                    slots,
                    saws.stream().map(saw -> outlook(saw, day)).toList(),
                    bookings.stream()
                            .filter(booking -> booking.leaves().isAfter(today))
                            .toList(),
                    Map.of(),
                    Map.of(),
                    Set.of(),
                    before,
                    numbers);
        }

        private SawOutlook outlook(Saw saw, int day) {
            List<Chore> chores = new ArrayList<>();
            for (Task task : TASKS) {
                double fraction = fraction(saw, task);
                boolean due = fraction >= 1;
                chores.add(new Chore(
                        task,
                        numbers.of(task.minutes()),
                        Bill.opened(task.stages()),
                        due ? 0 : Chore.NEVER,
                        due ? 0 : Chore.NEVER,
                        Math.max(1, fraction),
                        false,
                        limits(saw, task)));
            }
            if (saw.repair > 0) {
                chores.add(new Chore(null, saw.repair, Set.of(), 0, 0, 1, true, List.of()));
            }
            Until here = in(saw, day) ? Until.NOW : new Until(Until.WaitCause.OUT, saw.outUntil + 1 - day, null);
            return new SawOutlook(
                    saw.tag,
                    traits(saw),
                    chores,
                    numbers.of(PlanSetting.TANKS_PER_DAY),
                    here,
                    Until.NOW,
                    false,
                    false,
                    Map.of());
        }
    }

    private static SawTraits traits(Saw saw) {
        return new SawTraits(saw.barMm, Handle.REAR, Power.PETROL);
    }

    private static boolean in(Saw saw, int day) {
        return saw.outUntil < day;
    }

    private boolean fit(Saw saw) {
        return saw.repair <= 0 && TASKS.stream().noneMatch(task -> fraction(saw, task) >= 1);
    }

    private double overdue(Saw saw) {
        double most = saw.repair > 0 ? 1 : 0;
        for (Task task : TASKS) {
            most = Math.max(most, fraction(saw, task));
        }
        return most;
    }

    private double minutes(Saw saw) {
        List<Chore> due = new ArrayList<>();
        for (Task task : TASKS) {
            if (fraction(saw, task) >= 1) {
                due.add(new Chore(
                        task, numbers.of(task.minutes()), Bill.opened(task.stages()), 0, 0, 1, false, List.of()));
            }
        }
        return Courses.minutes(due, numbers) + saw.repair;
    }

    private List<LimitUse> limits(Saw saw, Task task) {
        double[] used = saw.used.get(task);
        return task.limits().stream()
                .map(limit -> {
                    double counted = used == null ? 0 : counted(used, limit.unit());
                    return new LimitUse(limit.unit(), counted, counted, numbers.of(limit.setting()), Set.of());
                })
                .toList();
    }

    private double fraction(Saw saw, Task task) {
        return limits(saw, task).stream().mapToDouble(LimitUse::fraction).max().orElse(0);
    }

    private static double counted(double[] used, UseUnit unit) {
        return switch (unit) {
            case OUTINGS -> used[0];
            case DAYS_IN_USE -> used[1];
            case TANKS -> used[2];
            default -> 0;
        };
    }
}
