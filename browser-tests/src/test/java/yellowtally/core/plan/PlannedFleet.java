package yellowtally.core.plan;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A plan as a general solver has it. */
@PlanningSolution
public class PlannedFleet {

    /** Places and minutes beyond what there is, then all that {@link Score} counts but visits that move. */
    static final int HARD = 2;

    static final int SOFT = 7;

    private @Nullable PlanQuestion question;

    @PlanningEntityCollectionProperty
    private List<PlannedSaw> saws = List.of();

    @PlanningScore(bendableHardLevelsSize = HARD, bendableSoftLevelsSize = SOFT)
    private @Nullable BendableLongScore score;

    PlannedFleet() {}

    PlannedFleet(PlanQuestion question, List<PlannedSaw> saws) {
        this.question = question;
        this.saws = saws;
    }

    PlanQuestion question() {
        return Objects.requireNonNull(question);
    }

    List<PlannedSaw> saws() {
        return saws;
    }

    /** Whether it can be done: no booking has too many saws, no day too little room. */
    boolean canBe() {
        return score != null && score.isFeasible();
    }
}
