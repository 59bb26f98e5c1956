package yellowtally.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.Task;

/**
 * What goes on the bench on which day, what that means for the crews, and what is left (handbook section 10).
 *
 * @param days every day of the plan, days off among them
 * @param bookings as they leave
 * @param left saws that want the bench and are on it on no day of the plan, by tag
 * @param notKept what the officer has put on a day on which it cannot be
 * @param minutes at the bench, of all visits
 * @param waiting saw-days of waiting that are held, or overdue in safety
 */
public record Plan(
        List<Day> days,
        List<BookingAnswer> bookings,
        List<LeftSaw> left,
        List<PinNotKept> notKept,
        double minutes,
        int waiting) {

    public Plan {
        days = List.copyOf(days);
        bookings = List.copyOf(bookings);
        left = List.copyOf(left);
        notKept = List.copyOf(notKept);
    }

    /**
     * A day at the bench.
     *
     * @param minutes that its benches have; 0 on a day off
     * @param planned minutes of its visits; more than there are only where the officer has put them there
     * @param visits in the order in which they are done
     */
    public record Day(LocalDate day, double minutes, double planned, List<PlannedVisit> visits) {

        public Day {
            visits = List.copyOf(visits);
        }
    }

    /** Why a visit is on its day, the strongest reason first. */
    public enum VisitReason {
        /** It lies on the bench already. */
        ON_BENCH,
        /** A crew takes it. */
        BOOKING,
        HELD,
        /** Its safety check is overdue. */
        SAFETY,
        OVERDUE,
        DUE,
        /** The officer has put it there, and nothing else asks for it. */
        PINNED
    }

    /**
     * A visit.
     *
     * @param bench from 1
     * @param tasks what is done, in the order of the schedule
     * @param routine of the tasks, those that fall due with every outing
     * @param others whether it is more than tasks: findings, holds, repairs, parts
     * @param riding of the tasks, those that ride along, each with the minutes of opening and closing that a visit of its own would cost
     * @param reason why on this day
     * @param booking whom it is for; {@code null} without one
     * @param waitedFor what it could not be without before; {@link Until#NOW} when nothing
     * @param again whether another visit of the plan comes before it, so that the saw was served by then
     * @param soaks what goes into the oil the evening before; {@code null} when nothing does
     * @param pinned whether the officer has put it there
     */
    public record PlannedVisit(
            String tag,
            int bench,
            double minutes,
            List<Task> tasks,
            List<Task> routine,
            boolean others,
            Map<Task, Double> riding,
            VisitReason reason,
            @Nullable UUID booking,
            Until waitedFor,
            boolean again,
            @Nullable String soaks,
            boolean pinned) {

        public PlannedVisit {
            tasks = List.copyOf(tasks);
            routine = List.copyOf(routine);
            riding = Map.copyOf(riding);
        }
    }

    /**
     * A saw that a booking gets.
     *
     * @param readyOn day of the visit after which it is fit; {@code null} when it needs none
     * @param minutes of that visit, 0 without one
     * @param doubtful whether a cause has to be found first
     */
    public record GivenSaw(String tag, @Nullable LocalDate readyOn, double minutes, boolean doubtful) {}

    /**
     * What a booking gets.
     *
     * @param saws by tag
     * @param missing how many it is short
     * @param candidates saws of the fleet that are of the kind asked for, wherever they are
     * @param waysOut what would still help, the cheapest first; empty when nothing is missing, or nothing helps
     */
    public record BookingAnswer(
            Booking booking, List<GivenSaw> saws, int missing, int candidates, List<WayOut> waysOut) {

        public BookingAnswer {
            saws = List.copyOf(saws);
            waysOut = List.copyOf(waysOut);
        }

        /** Whether it has all its saws. */
        public boolean met() {
            return missing == 0;
        }
    }

    /** A saw that has to wait for another plan; {@code why} is {@link Until#NOW} when the minutes are not enough. */
    public record LeftSaw(String tag, double minutes, boolean urgent, Until why) {}

    /** A visit cannot be where the officer has put it. */
    public record PinNotKept(String tag, LocalDate day, Until why) {}

    /** What it has with each saw, for the next plan to stay near. */
    public Map<String, PlanQuestion.Kept> kept() {
        Map<String, Set<Integer>> visits = new TreeMap<>();
        Map<String, Set<UUID>> served = new TreeMap<>();
        for (int day = 0; day < days.size(); day++) {
            for (PlannedVisit visit : days.get(day).visits()) {
                visits.computeIfAbsent(visit.tag(), tag -> new TreeSet<>()).add(day);
                served.computeIfAbsent(visit.tag(), tag -> new TreeSet<>());
            }
        }
        for (BookingAnswer answer : bookings) {
            for (GivenSaw saw : answer.saws()) {
                served.computeIfAbsent(saw.tag(), tag -> new TreeSet<>())
                        .add(answer.booking().id());
            }
        }
        Map<String, PlanQuestion.Kept> kept = new TreeMap<>();
        served.forEach((tag, ids) -> kept.put(tag, new PlanQuestion.Kept(visits.getOrDefault(tag, Set.of()), ids)));
        return kept;
    }

    /** Bookings that have all their saws. */
    public long met() {
        return bookings.stream().filter(BookingAnswer::met).count();
    }

    /** Saws that are missing over all bookings. */
    public int missing() {
        return bookings.stream().mapToInt(BookingAnswer::missing).sum();
    }
}
