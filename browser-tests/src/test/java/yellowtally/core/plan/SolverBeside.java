package yellowtally.core.plan;

import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.heuristic.selector.move.composite.CartesianProductMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.composite.UnionMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.ChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.score.director.ScoreDirectorFactoryConfig;
import ai.timefold.solver.core.config.solver.SolverConfig;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A general solver beside our own search, for questions without pins and without a plan of before. It has the same saws, the same
 * courses and the same measure; what it does with them is its own.
 */
public final class SolverBeside {

    /** With so few saws each has every course; with more, those alone that our search tries when it pushes others aside. */
    private static final int FEW = 40;

    private static final int TRIED = 4;
    /** More bookings than these no saw serves within one plan where the courses are cut down. */
    private static final int BOOKINGS = 2;

    private final PlanQuestion question;
    private final List<Courses> courses;
    private final List<Choices> choices;

    private SolverBeside(PlanQuestion question) {
        this.question = question;
        Times times = Times.of(question);
        Map<String, Until> parts = PartsAhead.of(question);
        courses = question.saws().stream()
                .map(saw -> new Courses(
                        saw,
                        times,
                        saw.here().orLater(parts.getOrDefault(saw.tag(), Until.NOW)),
                        0,
                        question.numbers()))
                .toList();
        choices = courses.stream().map(saw -> new Choices(saw, times)).toList();
    }

    /** Two plans of one question, the one of our search and the one of the solver, and the seconds that they took. */
    public static final class Both {

        private final Score own;
        private final Score other;
        private final double ownSeconds;
        private final double otherSeconds;

        private Both(Score own, double ownSeconds, Score other, double otherSeconds) {
            this.own = own;
            this.other = other;
            this.ownSeconds = ownSeconds;
            this.otherSeconds = otherSeconds;
        }

        /** 1 where our own plan is the better one, -1 where the other is, 0 where they are alike. */
        public int better() {
            return Integer.signum(other.compareTo(own));
        }

        /** The same by bookings met and places filled alone. */
        public int betterInBookings() {
            int by = Integer.compare(own.met(), other.met());
            return by != 0 ? by : Integer.compare(own.places(), other.places());
        }

        /** Waiting of overdue work, as {@link Score} counts it: ours. */
        public long ownOverdue() {
            return own.overdue();
        }

        /** The same of the solver. */
        public long otherOverdue() {
            return other.overdue();
        }

        public double ownSeconds() {
            return ownSeconds;
        }

        public double otherSeconds() {
            return otherSeconds;
        }

        @Override
        public String toString() {
            return own + " beside " + other;
        }
    }

    /** What our search finds, and what the solver finds in this time; where it is told to, it begins with what ours found. */
    public static Both of(PlanQuestion question, Duration time, boolean beginsWithOurs) {
        long began = System.nanoTime();
        SolverBeside beside = new SolverBeside(question);
        Draft found = new Search(question, beside.courses, beside.choices).fresh();
        Draft own =
                ExactSearch.of(question, beside.courses, beside.choices, found).orElse(found);
        double took = seconds(began);
        began = System.nanoTime();
        SolverBeside again = new SolverBeside(question);
        Score solved = again.solved(time, beginsWithOurs ? own : null);
        return new Both(own.score(), took, solved, seconds(began));
    }

    private static double seconds(long began) {
        return (System.nanoTime() - began) / 1e9;
    }

    private Score solved(Duration time, @Nullable Draft first) {
        List<PlannedSaw> saws = new ArrayList<>();
        for (int i = 0; i < courses.size(); i++) {
            List<Course> can = new ArrayList<>();
            collect(i, 0, 0, can);
            // Nothing at all is a plan that can be: from there or from ours it goes on.
            Course now = first == null ? courses.get(i).with(0, 0).orElseThrow() : first.course(i);
            if (can.stream().noneMatch(now::sameAs)) {
                can.add(now);
            }
            saws.add(new PlannedSaw(i, courses.get(i).saw().doubtful(), List.copyOf(can), now));
        }
        PlannedFleet solved =
                SolverFactory.<PlannedFleet>create(config(time)).buildSolver().solve(new PlannedFleet(question, saws));
        Draft draft = new Draft(question, courses);
        if (solved.canBe()) {
            solved.saws().forEach(saw -> draft.take(saw.place(), Objects.requireNonNull(saw.course())));
        }
        return draft.score();
    }

    private void collect(int saw, int from, long bookings, List<Course> found) {
        boolean few = courses.size() <= FEW;
        List<Course> all = choices.get(saw).serving(bookings);
        found.addAll(few ? all : all.subList(0, Math.min(TRIED, all.size())));
        if (!few && Long.bitCount(bookings) == BOOKINGS) {
            return;
        }
        for (int b = from; b < question.bookings().size(); b++) {
            boolean does = question.bookings()
                    .get(b)
                    .wanted()
                    .metBy(courses.get(saw).saw().traits());
            if (does && !courses.get(saw).clash(bookings, b)) {
                collect(saw, b + 1, bookings | 1L << b, found);
            }
        }
    }

    private static SolverConfig config(Duration time) {
        var search = new LocalSearchPhaseConfig()
                .withMoveSelectorConfig(new UnionMoveSelectorConfig(List.of(
                        new ChangeMoveSelectorConfig(),
                        new CartesianProductMoveSelectorConfig(
                                List.of(new ChangeMoveSelectorConfig(), new ChangeMoveSelectorConfig())))));
        return new SolverConfig()
                .withSolutionClass(PlannedFleet.class)
                .withEntityClasses(PlannedSaw.class)
                .withScoreDirectorFactory(
                        new ScoreDirectorFactoryConfig().withIncrementalScoreCalculatorClass(FleetWeighed.class))
                .withRandomSeed(2026L)
                .withPhases(search)
                .withTerminationSpentLimit(time);
    }
}
