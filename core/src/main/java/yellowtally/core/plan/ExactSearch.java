package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import yellowtally.core.plan.Load.Lying;

/**
 * The best plan of all for a small fleet: every course of every saw, those branches left out that cannot become better than what is
 * known. Ends without an answer when that is too many.
 */
final class ExactSearch {

    /** Steps after which it gives up. */
    private static final int STEPS = 300_000;

    private static final int SAWS = 8;
    private static final int COURSES = 600;

    private final PlanQuestion question;
    private final Draft known;
    private final List<Courses> courses;
    private final List<List<Course>> choices = new ArrayList<>();
    private final List<Rest> rests = new ArrayList<>();
    private final List<Course> taken = new ArrayList<>();
    private final int[] filled;
    private final Load load;
    private Score best;
    private List<Course> bestCourses;
    private int steps;

    /** What the saws from one on cost at least, and how many of them could serve each booking at most. */
    private record Rest(int urgentDays, long overdue, double minutes, List<Integer> serving) {}

    /** What the saws so far cost. */
    private record Sum(int doubtful, int close, int urgentDays, long overdue, double minutes, int moved) {

        Sum with(Course course, boolean doubtfulSaw, int movedMore) {
            return new Sum(
                    doubtful + (doubtfulSaw ? Long.bitCount(course.bookings()) : 0),
                    close + course.close(),
                    urgentDays + course.urgentDays(),
                    overdue + course.overdue(),
                    minutes + course.minutes(),
                    moved + movedMore);
        }
    }

    private ExactSearch(PlanQuestion question, List<Courses> courses, Draft known) {
        this.question = question;
        this.courses = courses;
        this.known = known;
        this.best = known.score();
        this.bestCourses = known.kept();
        this.filled = new int[question.bookings().size()];
        this.load = new Load(question);
    }

    /**
     * The best plan; empty when there is too much to try.
     *
     * @param known a plan that is not worse than none; it becomes the best one
     */
    static Optional<Draft> of(PlanQuestion question, List<Courses> courses, List<Choices> choices, Draft known) {
        if (courses.size() > SAWS) {
            return Optional.empty();
        }
        ExactSearch search = new ExactSearch(question, courses, known);
        int all = 0;
        for (int saw = 0; saw < courses.size(); saw++) {
            List<Course> ofSaw = new ArrayList<>();
            search.collect(courses.get(saw), choices.get(saw), 0, 0, ofSaw);
            search.choices.add(ofSaw);
            all += ofSaw.size();
        }
        return all > COURSES ? Optional.empty() : search.run();
    }

    private void collect(Courses saw, Choices of, int from, long bookings, List<Course> found) {
        found.addAll(of.serving(bookings));
        for (int b = from; b < question.bookings().size(); b++) {
            boolean does = question.bookings().get(b).wanted().metBy(saw.saw().traits());
            if (does && !saw.clash(bookings, b)) {
                collect(saw, of, b + 1, bookings | 1L << b, found);
            }
        }
    }

    private Optional<Draft> run() {
        for (int saw = 0; saw <= courses.size(); saw++) {
            rests.add(rest(saw));
        }
        if (!deeper(0, new Sum(0, 0, 0, 0, 0, 0))) {
            return Optional.empty();
        }
        known.restore(bestCourses);
        return Optional.of(known);
    }

    private Rest rest(int from) {
        int urgentDays = 0;
        long overdue = 0;
        double minutes = 0;
        List<Integer> serving = new ArrayList<>();
        for (int saw = from; saw < courses.size(); saw++) {
            List<Course> ofSaw = choices.get(saw);
            urgentDays += ofSaw.stream().mapToInt(Course::urgentDays).min().orElse(0);
            overdue += ofSaw.stream().mapToLong(Course::overdue).min().orElse(0);
            minutes += ofSaw.stream().mapToDouble(Course::minutes).min().orElse(0);
        }
        for (int b = 0; b < filled.length; b++) {
            int booking = b;
            serving.add((int) choices.subList(from, choices.size()).stream()
                    .filter(ofSaw -> ofSaw.stream().anyMatch(course -> course.serves(booking)))
                    .count());
        }
        return new Rest(urgentDays, overdue, minutes, serving);
    }

    /** No plan that begins so can be better than this. */
    private Score bound(Sum sum, Rest rest) {
        int met = 0;
        int places = 0;
        for (int b = 0; b < filled.length; b++) {
            int wanted = question.bookings().get(b).wanted().saws();
            int most = Math.min(wanted, filled[b] + rest.serving().get(b));
            met += most == wanted ? 1 : 0;
            places += most;
        }
        return new Score(
                met,
                places,
                sum.doubtful(),
                sum.close(),
                sum.urgentDays() + rest.urgentDays(),
                sum.overdue() + rest.overdue(),
                Draft.tenths(sum.minutes() + rest.minutes()),
                sum.moved());
    }

    /** False when it gave up. */
    private boolean deeper(int saw, Sum sum) {
        Score bound = bound(sum, rests.get(saw));
        if (!bound.betterThan(best)) {
            return true;
        }
        if (saw == courses.size()) {
            best = bound;
            bestCourses = List.copyOf(taken);
            return true;
        }
        Courses of = courses.get(saw);
        for (Course course : choices.get(saw)) {
            if (++steps > STEPS) {
                return false;
            }
            boolean goesOn = true;
            if (hasPlace(course)) {
                put(saw, of, course);
                if (course.stops().stream().allMatch(stop -> load.fits(stop.day()))) {
                    goesOn = deeper(saw + 1, sum.with(course, of.saw().doubtful(), known.moved(saw, course)));
                }
                takeBack(saw, course);
            }
            if (!goesOn) {
                return false;
            }
        }
        return true;
    }

    private boolean hasPlace(Course course) {
        for (int b = 0; b < filled.length; b++) {
            if (course.serves(b)
                    && filled[b] >= question.bookings().get(b).wanted().saws()) {
                return false;
            }
        }
        return true;
    }

    private void put(int saw, Courses of, Course course) {
        taken.add(course);
        for (int b = 0; b < filled.length; b++) {
            filled[b] += course.serves(b) ? 1 : 0;
        }
        for (Stop stop : course.stops()) {
            load.add(stop.day(), new Lying(saw, stop.minutes(), of.isPinned(stop.day())));
        }
    }

    private void takeBack(int saw, Course course) {
        taken.remove(taken.size() - 1);
        for (int b = 0; b < filled.length; b++) {
            filled[b] -= course.serves(b) ? 1 : 0;
        }
        course.stops().forEach(stop -> load.remove(stop.day(), saw));
    }
}
