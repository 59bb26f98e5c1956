package yellowtally.server.intake;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;

/**
 * What is told of a saw's past, as typed. What is not told stays unknown.
 *
 * @param lines at most one of a step; those without a day and all else say nothing
 * @param held why it must not be used; absent where nobody knows of anything
 * @param heldUntil the step that clears it; absent for a look all round
 */
public record PastInput(
        List<PastLineInput> lines,
        @Nullable String held,
        @Nullable Step heldUntil) {

    /**
     * One line of a notebook.
     *
     * @param day when it was done last, or read
     * @param since what was used since; absent or blank where nobody knows
     * @param figures what was read then
     */
    public record PastLineInput(
            Step step,
            @Nullable String day,
            @Nullable String since,
            @Nullable Map<Measure, String> figures) {

        boolean blank() {
            return empty(day)
                    && empty(since)
                    && (figures == null || figures.values().stream().allMatch(PastLineInput::empty));
        }

        private static boolean empty(@Nullable String text) {
            return text == null || text.isBlank();
        }
    }
}
