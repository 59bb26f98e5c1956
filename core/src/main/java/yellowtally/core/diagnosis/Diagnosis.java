package yellowtally.core.diagnosis;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.stages.Stage;

/**
 * How a complaint stands after the answers so far.
 *
 * @param outcome what comes next
 * @param ranking every cause that can be behind it, likeliest first, what is ended last
 * @param next the check that comes next; {@code null} when none is worth its minutes
 * @param others further checks worth their minutes, best first
 * @param open stages that are open now
 * @param clash two answers that do not go together; {@code null} when all do
 * @param minutes spent on the checks so far, opening and closing included
 */
public record Diagnosis(
        Outcome outcome,
        List<RankedCause> ranking,
        @Nullable OfferedCheck next,
        List<OfferedCheck> others,
        Set<Stage> open,
        @Nullable Clash clash,
        double minutes) {

    /** What comes next. */
    public enum Outcome {
        /** There is a check worth its minutes. */
        ASKS,
        /** One cause is most likely by the answers, and nobody has looked at the very thing yet: that comes next. */
        LOOK,
        /** One cause stands clear, and was seen. */
        CLEAR,
        /** No check tells enough, and no cause stands clear: a qualified mechanic has to look. */
        UNCLEAR;

        /** Whether the questions go on. */
        public boolean goesOn() {
            return this == ASKS || this == LOOK;
        }
    }

    public Diagnosis {
        ranking = List.copyOf(ranking);
        others = List.copyOf(others);
        open = Set.copyOf(open);
    }

    /** The likeliest cause. */
    public RankedCause first() {
        return ranking.get(0);
    }

    /** Causes beside the first that a look has shown as well: two things can be wrong at once. */
    public List<RankedCause> seenToo() {
        return ranking.stream()
                .skip(1)
                .filter(ranked -> ranked.seen() && ranked.endedBy() == null)
                .toList();
    }
}
