package yellowtally.core.plan;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A saw as a general solver has it: one course of those that it can take. */
@PlanningEntity
public class PlannedSaw {

    @PlanningId
    private int place;

    private boolean doubtful;

    @ValueRangeProvider
    private List<Course> choices = List.of();

    @PlanningVariable
    private @Nullable Course course;

    PlannedSaw() {}

    PlannedSaw(int place, boolean doubtful, List<Course> choices, @Nullable Course course) {
        this.place = place;
        this.doubtful = doubtful;
        this.choices = choices;
        this.course = course;
    }

    int place() {
        return place;
    }

    boolean doubtful() {
        return doubtful;
    }

    @Nullable
    Course course() {
        return course;
    }
}
