package yellowtally.core.plan;

import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Handle;
import yellowtally.core.steps.Power;

/**
 * What a crew asks a saw for.
 *
 * @param barMm nominal bar length, mm; {@code null} without a bar
 */
public record SawTraits(@Nullable Double barMm, Handle handle, Power power) {}
