package yellowtally.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The plan against every plan that there is, on two hundred small fleets. */
class PlannerAgainstAllTest {

    private static final int FLEETS = 200;
    private static final double MINUTES_WITHIN = 1.05;

    @Test
    void aSmallFleetGetsTheBestPlanOfAll() {
        Random random = new Random(2026);
        int shortOnes = 0;
        for (int i = 0; i < FLEETS; i++) {
            PlanQuestion question = Fleets.random(random, 2 + random.nextInt(5), 3, 1 + random.nextInt(2));
            Score best = AllPlans.best(question);
            Plan plan = Planner.of(question);
            assertThat(plan.met()).as("bookings met, fleet %d", i).isEqualTo(best.met());
            assertThat(places(plan)).as("places filled, fleet %d", i).isEqualTo(best.places());
            assertThat(plan.waiting()).as("held days, fleet %d", i).isEqualTo(best.urgentDays());
            assertThat(plan.minutes())
                    .as("minutes, fleet %d", i)
                    .isLessThanOrEqualTo(best.minutes() / 10.0 * MINUTES_WITHIN);
            shortOnes += plan.missing() > 0 ? 1 : 0;
        }
        assertThat(shortOnes).as("fleets whose bookings cannot all be met").isBetween(FLEETS / 10, FLEETS * 9 / 10);
    }

    /** The search alone, as a large fleet has it. */
    @Test
    void theSearchAloneComesNear() {
        Random random = new Random(77);
        int first = 0;
        double minutes = 0;
        double least = 0;
        for (int i = 0; i < FLEETS; i++) {
            PlanQuestion question = Fleets.random(random, 2 + random.nextInt(5), 3, 1 + random.nextInt(2));
            Score best = AllPlans.best(question);
            Score found = searched(question);
            first += found.met() == best.met() && found.places() == best.places() ? 1 : 0;
            minutes += found.minutes();
            least += best.minutes();
        }
        assertThat(first).as("bookings as good as can be").isGreaterThanOrEqualTo(FLEETS * 19 / 20);
        assertThat(minutes).isLessThanOrEqualTo(least * MINUTES_WITHIN);
    }

    /** Three days and three bookings of eight saws: too many plans to go through all, and the best of them is known all the same. */
    @Test
    void theSearchAloneComesNearWhereCrewsWantTheSameSaws() {
        Random random = new Random(5);
        int met = 0;
        int places = 0;
        int fleets = FLEETS / 2;
        for (int i = 0; i < fleets; i++) {
            PlanQuestion question = Fleets.random(random, 8, 3, 3);
            Plan best = Planner.of(question);
            Score found = searched(question);
            met += found.met() == best.met() ? 1 : 0;
            places += found.met() == best.met() && found.places() == places(best) ? 1 : 0;
        }
        assertThat(met).as("as many bookings met as can be").isGreaterThanOrEqualTo(fleets * 19 / 20);
        assertThat(places).as("and as many places filled").isGreaterThanOrEqualTo(fleets * 17 / 20);
    }

    private static Score searched(PlanQuestion question) {
        Times times = Times.of(question);
        Map<String, Until> parts = PartsAhead.of(question);
        var courses = question.saws().stream()
                .map(saw -> new Courses(saw, times, saw.here().orLater(parts.get(saw.tag())), 0, question.numbers()))
                .toList();
        var choices = courses.stream().map(saw -> new Choices(saw, times)).toList();
        return new Search(question, courses, choices).fresh().score();
    }

    private static int places(Plan plan) {
        return plan.bookings().stream().mapToInt(answer -> answer.saws().size()).sum();
    }
}
