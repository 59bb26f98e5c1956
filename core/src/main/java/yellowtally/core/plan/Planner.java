package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import yellowtally.core.plan.Plan.PinNotKept;

/**
 * Finds the plan (handbook section 10). What counts, in this order: bookings met with fit saws, by saws that the bench is sure to make fit and
 * with a day to spare; held saws and overdue safety; other overdue work by how far it is over; minutes; visits that stay where they were.
 * A small fleet gets the best plan of all, a larger one the best that a search finds whose cost grows with the fleet. The same question gets
 * the same answer.
 */
public final class Planner {

    private Planner() {}

    /** The plan for a question. */
    public static Plan of(PlanQuestion question) {
        Times times = Times.of(question);
        Map<String, Until> parts = PartsAhead.of(question);
        List<Courses> courses = new ArrayList<>();
        List<PinNotKept> notKept = new ArrayList<>();
        for (SawOutlook saw : question.saws()) {
            Until visitable = saw.here().orLater(parts.getOrDefault(saw.tag(), Until.NOW));
            if (question.leftOut().contains(saw.tag())) {
                visitable = new Until(Until.WaitCause.LEFT_OUT, Chore.NEVER, null);
            }
            int pinned = pinned(question, saw, visitable, times, notKept);
            courses.add(new Courses(saw, times, visitable, pinned, question.numbers()));
        }
        Draft best = best(question, courses, times);
        return new ToldPlan(question, courses, times, best).plan(notKept);
    }

    /** Days on which it is kept: those that the officer wants and that can be; what lies on the bench is finished before all else. */
    private static int pinned(
            PlanQuestion question, SawOutlook saw, Until visitable, Times times, List<PinNotKept> notKept) {
        int pinned = 0;
        for (int day : question.pins().getOrDefault(saw.tag(), Set.of())) {
            if (day < 0 || day >= times.days()) {
                continue;
            }
            if (day >= visitable.day()) {
                pinned |= 1 << day;
            } else {
                notKept.add(new PinNotKept(saw.tag(), question.today().plusDays(day), visitable));
            }
        }
        boolean finish = saw.onBench() && pinned == 0 && visitable.day() == 0 && times.benchDays() != 0;
        return finish ? Integer.lowestOneBit(times.benchDays()) : pinned;
    }

    private static Draft best(PlanQuestion question, List<Courses> courses, Times times) {
        List<Choices> choices =
                courses.stream().map(saw -> new Choices(saw, times)).toList();
        Search search = new Search(question, courses, choices);
        Draft fresh = search.fresh();
        Draft best = ExactSearch.of(question, courses, choices, fresh).orElse(fresh);
        if (question.before().isEmpty()) {
            return best;
        }
        Draft near = search.near(search.asTheyLeave());
        boolean keep =
                best.score().hardlyBetterThan(near.score(), question.numbers().of(PlanSetting.MOVE_WORTH))
                        || near.score().betterThan(best.score());
        return keep ? near : best;
    }
}
