package yellowtally.core.diagnosis;

import java.time.Instant;
import java.util.Comparator;
import org.jspecify.annotations.Nullable;
import yellowtally.core.oiling.Wet;

/**
 * Something on record about a fault.
 *
 * @param seq its number in the order in which records were written; of two of one moment the higher one is the later;
 *     zero until it is written
 * @param at when
 * @param check code of the check that was made; {@code null} when none was
 * @param answer its answer; {@code null} for "cannot tell", or when it is about something else
 * @param cause code of the cause; {@code null} when it is about something else
 * @param wet what a look at the card showed; {@code null} when it is none
 */
public record FaultEvent(
        long seq,
        FaultEventKind kind,
        Instant at,
        @Nullable String check,
        @Nullable String answer,
        @Nullable String cause,
        @Nullable Wet wet) {

    /** By when it happened, then by when it was written. */
    static final Comparator<FaultEvent> IN_ORDER =
            Comparator.comparing(FaultEvent::at).thenComparingLong(FaultEvent::seq);
}
