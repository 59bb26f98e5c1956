package yellowtally.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import yellowtally.core.plan.PlanTrial.Policy;
import yellowtally.core.plan.PlanTrial.Result;
import yellowtally.core.settings.Numbers;

/** The plan in weeks that go otherwise than expected, beside two rules of thumb. */
class PlanTrialTest {

    private static final PlanTrial TRIAL = new PlanTrial(120, 2026, Numbers.STANDARD);

    @Test
    void thePlanMissesAtMostHalfAsManyBookingsAsTheBetterRuleOfThumb() {
        Result plan = TRIAL.play(Policy.PLAN);
        Result overdue = TRIAL.play(Policy.MOST_OVERDUE_FIRST);
        Result first = TRIAL.play(Policy.FIRST_IN_FIRST_OUT);
        assertThat(plan.bookings()).isEqualTo(overdue.bookings()).isEqualTo(first.bookings());
        double better = Math.min(overdue.missed(), first.missed());
        assertThat(better).as("weeks that are no walk").isGreaterThan(0.03);
        assertThat(plan.missed())
                .as(
                        "plan %.3f, most overdue first %.3f, first in first out %.3f",
                        plan.missed(), overdue.missed(), first.missed())
                .isLessThanOrEqualTo(better / 2);
    }

    @Test
    void theSameSeedPlaysTheSameWeeks() {
        assertThat(TRIAL.play(Policy.PLAN)).isEqualTo(new PlanTrial(120, 2026, Numbers.STANDARD).play(Policy.PLAN));
    }
}
