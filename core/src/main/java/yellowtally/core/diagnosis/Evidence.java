package yellowtally.core.diagnosis;

import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * One thing that moved a cause up or down.
 *
 * @param signal what was known before; {@code null} for an answer
 * @param answered the answer; {@code null} for a signal
 * @param times how many times likelier it made the cause, against all others as they stood; under 1 went down
 */
public record Evidence(@Nullable Signal signal, @Nullable Answered answered, double times) {

    /** Whether it moved the cause enough to be said. */
    public boolean worthSaying(Numbers numbers) {
        double from = numbers.of(DiagnosisSetting.SAID_FROM);
        return times >= from || times <= 1 / from;
    }
}
