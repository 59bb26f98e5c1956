package yellowtally.core.diagnosis;

import org.jspecify.annotations.Nullable;

/**
 * A check that was made.
 *
 * @param check its code
 * @param answer its answer; {@code null} for "cannot tell"
 */
public record Answered(String check, @Nullable String answer) {}
