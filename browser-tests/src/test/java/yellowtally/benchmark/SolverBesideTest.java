package yellowtally.benchmark;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.Random;
import org.junit.jupiter.api.Test;
import yellowtally.core.plan.SolverBeside;

/** The solver that our search is measured against plays by the same rules: however long it has, it never beats the best plan of all. */
class SolverBesideTest {

    private static final int FLEETS = 12;

    @Test
    void nothingIsBetterThanTheBestOfAllPlans() {
        Random random = new Random(3);
        int alike = 0;
        for (int i = 0; i < FLEETS; i++) {
            SolverBeside.Both both =
                    SolverBeside.of(PlanFleet.question(random, 6, 3, 2, 45), Duration.ofMillis(200), i % 2 == 0);
            assertThat(both.better()).as("fleet %d: %s", i, both).isNotNegative();
            alike += both.better() == 0 ? 1 : 0;
        }
        // Half of them it begins with the best plan, and must not lose it.
        assertThat(alike).isGreaterThanOrEqualTo(FLEETS / 2);
    }
}
