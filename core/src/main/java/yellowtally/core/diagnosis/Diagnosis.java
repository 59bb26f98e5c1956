package yellowtally.core.diagnosis;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.stages.Stage;

/**
 * How a complaint stands after the answers so far.
 *
 * @param outcome what comes next
 * @param ranking every cause that can be behind it, likeliest first
 * @param next the check that tells most for its minutes; {@code null} when none is worth them
 * @param others further checks worth their minutes, best first
 * @param open stages that are open now
 * @param clashing answers that speak against the best cause while others speak for it; empty when they go together
 * @param minutes spent on the checks so far, opening and closing included
 */
public record Diagnosis(
        Outcome outcome,
        List<RankedCause> ranking,
        @Nullable OfferedCheck next,
        List<OfferedCheck> others,
        Set<Stage> open,
        List<Answered> clashing,
        double minutes) {

    /** What comes next. */
    public enum Outcome {
        /** There is a check worth its minutes. */
        ASKS,
        /** One cause stands clear. */
        CLEAR,
        /** No check tells enough, and no cause stands clear: a qualified mechanic has to look. */
        UNCLEAR
    }

    public Diagnosis {
        ranking = List.copyOf(ranking);
        others = List.copyOf(others);
        open = Set.copyOf(open);
        clashing = List.copyOf(clashing);
    }

    /** The likeliest cause. */
    public RankedCause first() {
        return ranking.get(0);
    }
}
