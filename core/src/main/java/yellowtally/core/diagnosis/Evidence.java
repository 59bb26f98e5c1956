package yellowtally.core.diagnosis;

import org.jspecify.annotations.Nullable;

/**
 * One thing that moved a cause up or down.
 *
 * @param signal what was known before; {@code null} for an answer
 * @param answered the answer; {@code null} for a signal
 * @param times how many times likelier it made the cause, against all others as they stood; under 1 went down
 */
public record Evidence(@Nullable Signal signal, @Nullable Answered answered, double times) {

    /** Near enough to one to be left unsaid. */
    private static final double SAID_FROM = 1.15;

    /** Whether it moved the cause enough to be said. */
    public boolean worthSaying() {
        return times >= SAID_FROM || times <= 1 / SAID_FROM;
    }
}
