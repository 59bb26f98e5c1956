package yellowtally.core.diagnosis;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import yellowtally.core.oiling.Wet;

/**
 * Something on record about a fault.
 *
 * @param at when
 * @param check code of the check that was made; {@code null} when none was
 * @param answer its answer; {@code null} for "cannot tell", or when it is about something else
 * @param cause code of the cause; {@code null} when it is about something else
 * @param wet what a look at the card showed; {@code null} when it is none
 */
public record FaultEvent(
        FaultEventKind kind,
        Instant at,
        @Nullable String check,
        @Nullable String answer,
        @Nullable String cause,
        @Nullable Wet wet) {}
