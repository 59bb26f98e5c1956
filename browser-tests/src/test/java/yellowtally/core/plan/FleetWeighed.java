package yellowtally.core.plan;

import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import ai.timefold.solver.core.api.score.calculator.IncrementalScoreCalculator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Tells a general solver how good a plan is, by what counts for our own. */
public class FleetWeighed implements IncrementalScoreCalculator<PlannedFleet, BendableLongScore> {

    private @Nullable Load load;
    private List<Booking> bookings = List.of();
    private int days;
    private int[] filled = {};
    private int doubtful;
    private int close;
    private int urgentDays;
    private long overdue;
    private double minutes;

    @Override
    public void resetWorkingSolution(PlannedFleet fleet) {
        PlanQuestion question = fleet.question();
        load = new Load(question);
        bookings = question.bookings();
        days = question.days();
        filled = new int[bookings.size()];
        doubtful = 0;
        close = 0;
        urgentDays = 0;
        overdue = 0;
        minutes = 0;
        fleet.saws().forEach(saw -> count(saw, 1));
    }

    private void count(PlannedSaw saw, int sign) {
        Course course = saw.course();
        if (course == null) {
            return;
        }
        for (long left = course.bookings(); left != 0; left &= left - 1) {
            filled[Long.numberOfTrailingZeros(left)] += sign;
        }
        doubtful += saw.doubtful() ? sign * Long.bitCount(course.bookings()) : 0;
        close += sign * course.close();
        urgentDays += sign * course.urgentDays();
        overdue += sign * course.overdue();
        minutes += sign * course.minutes();
        Load lies = Objects.requireNonNull(load);
        for (Stop stop : course.stops()) {
            if (sign > 0) {
                lies.add(stop.day(), new Load.Lying(saw.place(), stop.minutes(), false));
            } else {
                lies.remove(stop.day(), saw.place());
            }
        }
    }

    @Override
    public BendableLongScore calculateScore() {
        Load lies = Objects.requireNonNull(load);
        long tooMany = 0;
        long met = 0;
        long places = 0;
        for (int b = 0; b < filled.length; b++) {
            int wanted = bookings.get(b).wanted().saws();
            tooMany += Math.max(0, filled[b] - wanted);
            met += filled[b] >= wanted ? 1 : 0;
            places += Math.min(filled[b], wanted);
        }
        long tooLong = 0;
        for (int day = 0; day < days; day++) {
            // A day whose minutes would do may still not be had, where no visit may be cut in two.
            tooLong += lies.fits(day) ? 0 : Math.max(1, Draft.tenths(lies.minutes(day) - lies.capacity(day)));
        }
        return BendableLongScore.of(
                new long[] {-tooMany, -tooLong},
                new long[] {met, places, -doubtful, -close, -urgentDays, -overdue, -Draft.tenths(minutes)});
    }

    @Override
    public void beforeEntityAdded(Object saw) {}

    @Override
    public void afterEntityAdded(Object saw) {
        count((PlannedSaw) saw, 1);
    }

    @Override
    public void beforeVariableChanged(Object saw, String variable) {
        count((PlannedSaw) saw, -1);
    }

    @Override
    public void afterVariableChanged(Object saw, String variable) {
        count((PlannedSaw) saw, 1);
    }

    @Override
    public void beforeEntityRemoved(Object saw) {
        count((PlannedSaw) saw, -1);
    }

    @Override
    public void afterEntityRemoved(Object saw) {}
}
