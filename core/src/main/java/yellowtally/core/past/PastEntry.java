package yellowtally.core.past;

import java.time.LocalDate;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;

/**
 * What was told of one line.
 *
 * @param day when it was done last, or read
 * @param since what was used since, in the unit of its {@link PastLine}; {@code null} where nobody knows
 * @param figures what was read then, mm
 */
public record PastEntry(Step step, LocalDate day, @Nullable Double since, Map<Measure, Double> figures) {

    public PastEntry {
        figures = Map.copyOf(figures);
    }
}
