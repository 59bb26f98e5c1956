package yellowtally.server.standing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;

class LatestWorkTest {

    private static WorkRow row(int minute, Step step, StepOutcome outcome) {
        return new WorkRow(
                UUID.randomUUID(),
                step,
                Instant.EPOCH.plusSeconds(60L * minute),
                outcome,
                null,
                UUID.randomUUID(),
                null,
                null,
                null);
    }

    @Test
    void keepsTheLatestTheLatestThatPassedAndEverySharpening() {
        List<WorkRow> rows = new ArrayList<>(List.of(
                row(1, Step.NUTS, StepOutcome.FINE),
                row(2, Step.NUTS, StepOutcome.FINE),
                row(3, Step.NUTS, StepOutcome.FAIL),
                row(4, Step.SHARPEN, StepOutcome.FINE),
                row(5, Step.SHARPEN, StepOutcome.FINE),
                row(6, Step.TENSION, StepOutcome.FINE),
                row(7, Step.TENSION, StepOutcome.ATTEND)));
        List<WorkRow> expected = List.of(rows.get(1), rows.get(2), rows.get(3), rows.get(4), rows.get(5), rows.get(6));
        Collections.reverse(rows);
        assertThat(LatestWork.of(rows, r -> EnumSet.allOf(Subject.class))).isEqualTo(expected);
    }

    @Test
    void aRecordOfAnotherPartSaysNothingOfThisOne() {
        List<WorkRow> rows = List.of(row(1, Step.RAILS, StepOutcome.FINE), row(2, Step.NUTS, StepOutcome.FINE));
        assertThat(LatestWork.of(rows, r -> EnumSet.of(Subject.SAW))).containsExactly(rows.get(1));
    }
}
