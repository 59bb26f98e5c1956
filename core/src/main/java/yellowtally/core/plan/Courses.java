package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.LimitUse;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.UseUnit;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.Bill;
import yellowtally.core.stages.Stage;

/**
 * The courses that one saw can take. What a visit does follows from its day and from what the saw goes to next: all that is due by
 * then, all that comes with it, and what rides along because it falls due within the plan and its stages are open anyway.
 */
final class Courses {

    private static final double HUNDREDTHS = 100;

    private final SawOutlook saw;
    private final Times times;
    private final Until visitable;
    private final Numbers numbers;
    private final int pinned;
    private final Map<Long, Map<Integer, Optional<Course>>> known = new HashMap<>();

    /**
     * Of one saw.
     *
     * @param visitable from when it can be on the bench: parts may be missing
     * @param pinned days on which the officer has put it, bit by bit
     */
    Courses(SawOutlook saw, Times times, Until visitable, int pinned, Numbers numbers) {
        this.saw = saw;
        this.times = times;
        this.visitable = visitable;
        this.pinned = pinned;
        this.numbers = numbers;
    }

    SawOutlook saw() {
        return saw;
    }

    Until visitable() {
        return visitable;
    }

    int pinned() {
        return pinned;
    }

    boolean isPinned(int day) {
        return (pinned & 1 << day) != 0;
    }

    /** The course with these visits and bookings; empty when the saw cannot take it, or a visit would find nothing to do. */
    Optional<Course> with(int visits, long bookings) {
        return known.computeIfAbsent(bookings, b -> new HashMap<>())
                .computeIfAbsent(spread(visits), v -> Optional.ofNullable(new Run().course(visits, bookings)));
    }

    /** Another number for each: late days alone would all fall into the same place of the map. */
    private static int spread(int visits) {
        return visits * 0x9E3779B1;
    }

    /** Minutes of a visit that does these, each stage opened once (handbook section 10). */
    static double minutes(List<Chore> chores, Numbers numbers) {
        Set<Stage> opened = EnumSet.noneOf(Stage.class);
        chores.forEach(chore -> opened.addAll(chore.stages()));
        double minutes = Bill.access(opened, numbers);
        for (Chore chore : chores) {
            // Closing the cover includes the tension check.
            boolean withCover = chore.task() == Task.TENSION && opened.contains(Stage.COVER_OFF);
            minutes += withCover ? 0 : chore.minutes();
        }
        return minutes;
    }

    /** Whether a saw with these bookings cannot serve another one too. */
    boolean clash(long bookings, int booking) {
        return clashing(bookings, booking) != 0;
    }

    /** Of these bookings those that a saw cannot serve beside another one. */
    long clashing(long bookings, int booking) {
        return times.trips().get(booking).clashes() & bookings;
    }

    /** The saw as it goes through the days. */
    private final class Run {
        private final List<Chore> chores = saw.chores();
        private final int[] due = new int[chores.size()];
        private final int[] from = new int[chores.size()];
        private final double[] over = new double[chores.size()];
        private final boolean[] done = new boolean[chores.size()];
        private final double[] outings = new double[chores.size()];
        private final double[] daysUsed = new double[chores.size()];
        private final List<Stop> stops = new ArrayList<>();
        private int urgentDays;
        private double overdue;
        private double minutes;
        private int close;

        Run() {
            for (int i = 0; i < due.length; i++) {
                due[i] = chores.get(i).due();
                from[i] = chores.get(i).from();
                over[i] = chores.get(i).over();
            }
        }

        @Nullable
        Course course(int visits, long bookings) {
            long left = bookings;
            int last = -1;
            for (int day = 0; day < times.days(); day++) {
                if ((visits & 1 << day) == 0) {
                    continue;
                }
                while (left != 0 && trip(left).lastDay() < day) {
                    if (!leave(trip(left), last)) {
                        return null;
                    }
                    last = -1;
                    left &= left - 1;
                }
                // What the officer has put on a day is not done before it.
                boolean reachable = day >= Math.max(visitable.day(), saw.here().day())
                        && 1 << day >= Integer.lowestOneBit(pinned)
                        && !awayOn(day, bookings);
                if (!reachable
                        || !visit(
                                day, left == 0 ? day : Math.max(day, trip(left).leaves()))) {
                    return null;
                }
                last = day;
            }
            while (left != 0) {
                if (!leave(trip(left), last)) {
                    return null;
                }
                last = -1;
                left &= left - 1;
            }
            boolean leavesWork = endOfPlan();
            return new Course(visits, bookings, stops, close, urgentDays, Math.round(overdue), minutes, leavesWork);
        }

        private Times.Trip trip(long bookings) {
            return times.trips().get(Long.numberOfTrailingZeros(bookings));
        }

        private boolean awayOn(int day, long bookings) {
            for (long left = bookings; left != 0; left &= left - 1) {
                Times.Trip trip = trip(left);
                if (day > trip.lastDay() && day <= trip.until()) {
                    return true;
                }
            }
            return false;
        }

        /** Does what is due by a day; false when there is nothing to do. */
        private boolean visit(int day, int dueBy) {
            Set<Stage> opened = EnumSet.noneOf(Stage.class);
            List<Integer> does = new ArrayList<>();
            boolean files = false;
            for (int i = 0; i < due.length; i++) {
                // What is only looked at on a later day cannot be looked at before it.
                boolean tooEarly = chores.get(i).task() == null && from[i] > day;
                if (due[i] <= dueBy && !tooEarly) {
                    does.add(i);
                    opened.addAll(chores.get(i).stages());
                    files |= chores.get(i).task() == Task.SHARPEN;
                }
            }
            if (does.isEmpty() && !isPinned(day)) {
                return false;
            }
            if (files) {
                for (int i = 0; i < due.length; i++) {
                    if (due[i] > dueBy && comesWithSharpening(i)) {
                        does.add(i);
                        opened.addAll(chores.get(i).stages());
                    }
                }
            }
            int musts = does.size();
            for (int i = 0; i < due.length; i++) {
                boolean soon = from[i] <= day && due[i] < times.days() && !does.contains(i);
                // What opens nothing saves nothing: it is done when it is due.
                Set<Stage> stages = chores.get(i).stages();
                if (soon && !stages.isEmpty() && opened.containsAll(stages)) {
                    does.add(i);
                }
            }
            waited(day, does);
            List<Chore> work = does.stream().map(chores::get).toList();
            double cost = minutes(work, numbers);
            boolean urgent = false;
            double most = 1;
            for (int i : does.subList(0, musts)) {
                urgent |= chores.get(i).urgent() && !done[i];
                most = Math.max(most, over[i]);
            }
            does.forEach(this::reset);
            stops.add(new Stop(day, work, does.size() - musts, urgent, most, cost));
            minutes += cost;
            return true;
        }

        private boolean comesWithSharpening(int i) {
            for (LimitUse limit : chores.get(i).limits()) {
                if (limit.unit() == UseUnit.SHARPENINGS) {
                    return (done[i] ? 0 : limit.counted()) + 1 >= limit.limit() - 1e-9;
                }
            }
            return false;
        }

        private void reset(int i) {
            due[i] = Chore.NEVER;
            from[i] = Chore.NEVER;
            done[i] = true;
            outings[i] = 0;
            daysUsed[i] = 0;
        }

        /** What waited until a day, of these chores. */
        private void waited(int day, List<Integer> which) {
            int urgentSince = day;
            for (int i : which) {
                if (due[i] < day) {
                    int since = Math.max(0, due[i]);
                    if (chores.get(i).urgent() && !done[i]) {
                        urgentSince = Math.min(urgentSince, since);
                    } else {
                        overdue += HUNDREDTHS * over[i] * (day - since);
                    }
                }
            }
            urgentDays += day - urgentSince;
        }

        /** What is left waits until the end of the plan; whether there is any. */
        private boolean endOfPlan() {
            List<Integer> left = new ArrayList<>();
            for (int i = 0; i < due.length; i++) {
                if (due[i] < times.days()) {
                    left.add(i);
                }
            }
            waited(times.days(), left);
            return !left.isEmpty();
        }

        /** Goes out with a crew; false when it is not fit by then. */
        private boolean leave(Times.Trip trip, int lastVisit) {
            if (saw.here().day() > trip.leaves() || saw.ready().day() > trip.leaves()) {
                return false;
            }
            for (int dueOn : due) {
                if (dueOn <= trip.leaves()) {
                    return false;
                }
            }
            close += lastVisit >= 0 && lastVisit == trip.lastBench() ? 1 : 0;
            for (int i = 0; i < due.length; i++) {
                outings[i]++;
                daysUsed[i] += trip.length();
                double fraction = used(i);
                if (fraction >= 1 - 1e-9 && due[i] > trip.until() + 1) {
                    due[i] = trip.until() + 1;
                    from[i] = due[i];
                    over[i] = Math.max(1, fraction);
                }
            }
            return true;
        }

        /** Share of the limit that is used up after what it has served. */
        private double used(int i) {
            double largest = 0;
            for (LimitUse limit : chores.get(i).limits()) {
                double more = switch (limit.unit()) {
                    case TANKS -> daysUsed[i] * saw.tanksPerDay();
                    case OUTINGS -> outings[i];
                    case DAYS_IN_USE -> daysUsed[i];
                    case DAYS, FIRE_SEASON_DAYS, SHARPENINGS, LOOPS -> 0;
                };
                if (more > 0) {
                    largest = Math.max(largest, ((done[i] ? 0 : limit.counted()) + more) / limit.limit());
                }
            }
            return largest;
        }
    }
}
