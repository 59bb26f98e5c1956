package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Every plan that there is, one after the other, for fleets so small that this ends: each saw on every set of days and in every set of
 * bookings. Nothing is left out and nothing is clever.
 */
final class AllPlans {

    private final PlanQuestion question;
    private final List<List<Course>> all = new ArrayList<>();
    private final double[] left;
    private final int[] wanted;
    private Score best = new Score(-1, 0, 0, 0, 0, 0, 0, 0);

    private AllPlans(PlanQuestion question) {
        this.question = question;
        this.left = new double[question.days()];
        question.benches().forEach(slot -> left[slot.day()] += slot.minutes());
        this.wanted = question.bookings().stream()
                .mapToInt(booking -> booking.wanted().saws())
                .toArray();
    }

    /** The best score of all plans for one bench. */
    static Score best(PlanQuestion question) {
        AllPlans plans = new AllPlans(question);
        Times times = Times.of(question);
        Map<String, Until> parts = PartsAhead.of(question);
        for (SawOutlook saw : question.saws()) {
            Courses courses = new Courses(saw, times, saw.here().orLater(parts.get(saw.tag())), 0, question.numbers());
            List<Course> ofSaw = new ArrayList<>();
            for (long bookings = 0; bookings < 1L << question.bookings().size(); bookings++) {
                if (does(question, courses, bookings)) {
                    for (int visits = 0; visits < 1 << question.days(); visits++) {
                        Optional<Course> course = courses.with(visits, bookings);
                        course.ifPresent(ofSaw::add);
                    }
                }
            }
            plans.all.add(ofSaw);
        }
        plans.from(0, 0, 0, 0, 0, 0);
        return plans.best;
    }

    private static boolean does(PlanQuestion question, Courses courses, long bookings) {
        long so = 0;
        for (int b = 0; b < question.bookings().size(); b++) {
            if ((bookings & 1L << b) != 0) {
                if (courses.clash(so, b)
                        || !question.bookings()
                                .get(b)
                                .wanted()
                                .metBy(courses.saw().traits())) {
                    return false;
                }
                so |= 1L << b;
            }
        }
        return true;
    }

    private void from(int saw, int close, int urgent, long overdue, double minutes, int places) {
        if (saw == all.size()) {
            int met = 0;
            for (int b : wanted) {
                met += b == 0 ? 1 : 0;
            }
            Score score = new Score(met, places, 0, close, urgent, overdue, Draft.tenths(minutes), 0);
            best = score.betterThan(best) ? score : best;
            return;
        }
        for (Course course : all.get(saw)) {
            boolean room = course.stops().stream().allMatch(stop -> stop.minutes() <= left[stop.day()] + 1e-6);
            boolean hasPlaces = true;
            for (int b = 0; b < wanted.length; b++) {
                hasPlaces &= !course.serves(b) || wanted[b] > 0;
            }
            if (room && hasPlaces) {
                put(course, 1);
                from(
                        saw + 1,
                        close + course.close(),
                        urgent + course.urgentDays(),
                        overdue + course.overdue(),
                        minutes + course.minutes(),
                        places + Long.bitCount(course.bookings()));
                put(course, -1);
            }
        }
    }

    private void put(Course course, int sign) {
        course.stops().forEach(stop -> left[stop.day()] -= sign * stop.minutes());
        for (int b = 0; b < wanted.length; b++) {
            wanted[b] -= course.serves(b) ? sign : 0;
        }
    }
}
